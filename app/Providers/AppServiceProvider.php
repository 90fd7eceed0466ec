<?php

declare(strict_types=1);

namespace App\Providers;

use App\Adapters\Formula\MathJax;
use App\Adapters\Formula\QrCodes;
use App\Database\ImmediateConnector;
use App\Lessons\BlockKindView;
use App\Lessons\FigureView;
use App\Lessons\HandoutFile;
use App\Lessons\KeptCompositions;
use App\Lessons\LessonView;
use App\Lessons\LiveBlocks;
use App\Library\Drawings;
use Daybright\Deck\SlidePainter;
use Daybright\Scene\FormulaSetter;
use Daybright\Scene\ScanCodes;
use Daybright\Scene\Typeface;
use Daybright\Scene\Typesetter;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;

class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind('db.connector.sqlite', ImmediateConnector::class);
        $this->app->singleton(FormulaSetter::class, MathJax::class);
        $this->app->singleton(ScanCodes::class, QrCodes::class);
        $this->app->singleton(Drawings::class, static fn (): Drawings => new Drawings(config('daybright.library')));
        $this->app->singleton(KeptCompositions::class);
        $typefaces = static fn (): array => Typeface::all(require base_path('fonts/metrics.php'));
        $this->app->singleton(
            Typesetter::class,
            fn (): Typesetter => new Typesetter($typefaces()['lexend'], $this->app->make(FormulaSetter::class)),
        );
        // The rooms paint what was saved again and again; other pictures are painted once.
        $this->app->when([LessonView::class, LiveBlocks::class])->needs(SlidePainter::class)->give(fn (): SlidePainter => new SlidePainter(
            $typefaces(),
            $this->app->make(FormulaSetter::class),
            $this->app->make(ScanCodes::class),
            $this->app->make(KeptCompositions::class),
        ));
        $this->app->singleton(SlidePainter::class, fn (): SlidePainter => new SlidePainter(
            $typefaces(),
            $this->app->make(FormulaSetter::class),
            $this->app->make(ScanCodes::class),
        ));
        $this->app->singleton(HandoutFile::class, fn (): HandoutFile => new HandoutFile(
            $typefaces(),
            $this->app->make(FormulaSetter::class),
            $this->app->make(ScanCodes::class),
            $this->app->make(SlidePainter::class),
        ));
        foreach ([BlockKindView::class, FigureView::class] as $drawing) {
            $this->app->singleton($drawing, fn (): object => new $drawing($typefaces(), $this->app->make(FormulaSetter::class)));
        }
    }

    public function boot(): void
    {
        Model::preventSilentlyDiscardingAttributes();
        // Who turns a number asks eleven times a second, and nobody turns for minutes.
        RateLimiter::for('live', static fn (Request $request): Limit => Limit::perMinute(900)->by('live '.$request->session()->getId()));
        // Nobody tries out addresses: 36 to the power of 22 are many, and a minute has sixty tries.
        RateLimiter::for('overview', static fn (Request $request): Limit => Limit::perMinute(60)->by('overview '.$request->ip()));
        // Whatever name is tried: one address tries so often and no more.
        RateLimiter::for('sign-in', static fn (Request $request): Limit => Limit::perMinute(60)->by('address '.$request->ip()));
    }
}
