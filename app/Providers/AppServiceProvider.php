<?php

namespace App\Providers;

use App\Adapters\Formula\MathJax;
use App\Database\ImmediateConnector;
use App\Lessons\FigureView;
use App\Lessons\HandoutFile;
use App\Models\Classroom;
use App\Models\Export;
use App\Models\Lesson;
use App\Models\Release;
use App\Models\Series;
use App\Models\Share;
use App\Models\Take;
use App\Models\User;
use Daybright\Deck\SlidePainter;
use Daybright\Scene\FormulaSetter;
use Daybright\Scene\Typeface;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;

class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind('db.connector.sqlite', ImmediateConnector::class);
        $this->app->singleton(FormulaSetter::class, MathJax::class);
        foreach ([SlidePainter::class, FigureView::class, HandoutFile::class] as $drawing) {
            $this->app->singleton($drawing, fn (): object => new $drawing(Typeface::all(require base_path('fonts/metrics.php')), $this->app->make(FormulaSetter::class)));
        }
    }

    public function boot(): void
    {
        Model::preventSilentlyDiscardingAttributes();
        $owns = static fn (User $user, Lesson|Series|Classroom $thing): bool => $thing->user_id === $user->id;
        Gate::define('own', static fn (User $user, Model $thing): bool => match (true) {
            $thing instanceof Take, $thing instanceof Release, $thing instanceof Share => $owns($user, $thing->lesson),
            $thing instanceof Export => $owns($user, $thing->release->lesson),
            $thing instanceof Lesson, $thing instanceof Series, $thing instanceof Classroom => $owns($user, $thing),
            default => false,
        });
        // Whatever name is tried: one address tries so often and no more.
        RateLimiter::for('sign-in', static fn (Request $request): Limit => Limit::perMinute(60)->by('address '.$request->ip()));
    }
}
