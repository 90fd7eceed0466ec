<?php

declare(strict_types=1);

use App\Http\Health;
use App\Http\Middleware\CheckToken;
use App\Http\Middleware\CleanInput;
use App\Http\Middleware\ContentLength;
use App\Http\Middleware\KeepSession;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\StudentOnly;
use App\Http\Problem;
use App\Lessons\StaleSave;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Route;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', commands: __DIR__.'/../routes/console.php', then: static function (): void {
        // Without a session: nobody is greeted here, and nothing is written.
        Route::get('/up', static function (): JsonResponse {
            $health = Health::now();

            return new JsonResponse($health, $health['ok'] ? 200 : 503, ['Cache-Control' => 'no-store']);
        });
    })
    ->withCommands([__DIR__.'/../app/Console'])
    ->withMiddleware(function (Middleware $middleware): void {
        // One origin only: there is nobody to share resources with.
        $middleware->remove(HandleCors::class);
        $middleware->prepend(CleanInput::class);
        $middleware->prepend(ContentLength::class);
        $middleware->prepend(SecurityHeaders::class);
        $middleware->web(replace: [StartSession::class => KeepSession::class, ValidateCsrfToken::class => CheckToken::class]);
        // A lesson is taken word for word: spaces and empty texts of a document are its own.
        $asItIs = static fn (Request $request): bool => preg_match('~^api/lessons/[^/]+$~', $request->path()) === 1;
        $middleware->trimStrings(except: [$asItIs]);
        $middleware->convertEmptyStringsToNull(except: [$asItIs]);
        $middleware->alias(['student' => StudentOnly::class]);
        $middleware->redirectGuestsTo('/sign-in');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->shouldRenderJsonWhen(static fn (Request $request): bool => $request->is('api/*') || $request->expectsJson());
        // A sentence for the teacher is an answer and not a fault.
        $exceptions->dontReport([DomainException::class, StaleSave::class]);
        // What was typed is nobody’s business but the database’s: its values stay out of the log.
        $exceptions->report(static function (QueryException $error): bool {
            Log::error('The database refused a statement.', ['sql' => $error->getSql(), 'code' => $error->getCode(), 'why' => $error->getPrevious()?->getCode(), 'at' => $error->getFile().':'.$error->getLine()]);

            return false;
        });
        $exceptions->render(static fn (Throwable $error, Request $request) => Problem::from($error, $request));
    })
    ->create();
