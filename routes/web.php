<?php

declare(strict_types=1);

use App\Formats\Formats;
use App\Http\Controllers\AccountController;
use App\Http\Controllers\BroughtSlideController;
use App\Http\Controllers\ClassroomController;
use App\Http\Controllers\ClipController;
use App\Http\Controllers\EditingController;
use App\Http\Controllers\ExportController;
use App\Http\Controllers\FigureController;
use App\Http\Controllers\FootageController;
use App\Http\Controllers\HandoutController;
use App\Http\Controllers\HomeController;
use App\Http\Controllers\KeptLessonController;
use App\Http\Controllers\LessonController;
use App\Http\Controllers\LibraryController;
use App\Http\Controllers\MediaController;
use App\Http\Controllers\OverviewController;
use App\Http\Controllers\ProgrammeController;
use App\Http\Controllers\ReadyCheckController;
use App\Http\Controllers\ReleaseController;
use App\Http\Controllers\RepliesController;
use App\Http\Controllers\ShareController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\SignInController;
use App\Http\Controllers\TakeController;
use App\Http\Controllers\VoiceController;
use App\Http\Controllers\WatchController;
use App\Http\Controllers\WorkedController;
use App\Lessons\SlideDrawing;
use Illuminate\Http\Response;
use Illuminate\Session\Middleware\AuthenticateSession;
use Illuminate\Support\Facades\Route;

Route::prefix('api')->group(function (): void {
    // Gives a session, and with it the token that a form must carry.
    Route::get('session', static fn (): Response => response()->noContent());
    Route::post('sign-in', [SignInController::class, 'signIn'])->middleware('throttle:sign-in');
    Route::get('me', [SignInController::class, 'me']);

    Route::get('password-links/{token}', [AccountController::class, 'invited'])->where('token', '[A-Za-z0-9]{40}')
        ->middleware('throttle:sign-in');
    Route::post('password-links/{token}', [AccountController::class, 'setPassword'])->where('token', '[A-Za-z0-9]{40}')
        ->middleware('throttle:sign-in');

    Route::middleware(['auth', AuthenticateSession::class])->group(function (): void {
        Route::put('account', [AccountController::class, 'rename']);
        Route::put('account/password', [AccountController::class, 'changePassword'])->middleware('throttle:sign-in');
        Route::post('sign-out', [SignInController::class, 'signOut']);
        Route::get('home', [HomeController::class, 'show']);
        Route::get('kinds', [FigureController::class, 'kinds']);
        Route::post('figures/vary', [FigureController::class, 'vary']);
        Route::post('figures/task', [FigureController::class, 'task']);
        Route::post('worked', [WorkedController::class, 'lines']);
        Route::post('worked/vary', [WorkedController::class, 'vary']);
        Route::post('formulas/choose', [WorkedController::class, 'choose']);
        Route::get('figures/{figure}/sample', [FigureController::class, 'sample'])->where('figure', '[a-z-]{1,40}');
        Route::get('library', [LibraryController::class, 'find']);
        Route::where(['source' => '[a-z]{1,10}', 'name' => '[a-z0-9-]{1,80}'])->group(function (): void {
            Route::get('library/{source}/{name}', [LibraryController::class, 'show']);
            Route::post('library/{source}/{name}', [LibraryController::class, 'take']);
        });
        Route::get('shapes', [ShelfController::class, 'shapes']);
        Route::post('lessons', [LessonController::class, 'create']);
        Route::post('lessons/import', [LessonController::class, 'import']);
        Route::post('media', [MediaController::class, 'create']);
        Route::get('media/{sha256}', [MediaController::class, 'show'])->where('sha256', '[0-9a-f]{64}');
        Route::get('clips', [ClipController::class, 'bounds']);
        Route::post('clips', [ClipController::class, 'begin']);
        Route::post('clips/stills', [ClipController::class, 'still']);
        Route::post('captions', [ClipController::class, 'captions']);
        Route::middleware('can:own,incomingClip')->group(function (): void {
            Route::get('clips/{incomingClip}', [ClipController::class, 'show']);
            Route::put('clips/{incomingClip}/pieces/{number}', [ClipController::class, 'piece'])->where('number', '[0-9]{1,6}');
            Route::post('clips/{incomingClip}/finish', [ClipController::class, 'finish']);
            Route::delete('clips/{incomingClip}', [ClipController::class, 'delete']);
        });
        Route::get('classrooms', [ClassroomController::class, 'index']);
        Route::post('classrooms', [ClassroomController::class, 'create']);

        Route::middleware('can:own,classroom')->scopeBindings()->group(function (): void {
            Route::put('classrooms/{classroom}', [ClassroomController::class, 'update']);
            Route::delete('classrooms/{classroom}', [ClassroomController::class, 'delete']);
            Route::post('classrooms/{classroom}/students', [ClassroomController::class, 'addStudents']);
            Route::put('classrooms/{classroom}/students/{student}', [ClassroomController::class, 'renameStudent']);
            Route::delete('classrooms/{classroom}/students/{student}', [ClassroomController::class, 'removeStudent']);
            Route::post('classrooms/{classroom}/code', [ClassroomController::class, 'newCode']);
            Route::delete('classrooms/{classroom}/students/{student}/word', [ClassroomController::class, 'forgetWord']);
            Route::get('classrooms/{classroom}/students/{student}/archive', [ClassroomController::class, 'takeOut']);
        });
        Route::patch('series/{series}', [ShelfController::class, 'updateSeries'])->middleware('can:own,series');
        Route::middleware('can:own,lesson')->group(function (): void {
            Route::get('lessons/{lesson}', [LessonController::class, 'show']);
            Route::put('lessons/{lesson}', [LessonController::class, 'save']);
            Route::patch('lessons/{lesson}', [LessonController::class, 'saveChange']);
            Route::post('lessons/{lesson}/undo', [LessonController::class, 'undo']);
            Route::post('lessons/{lesson}/redo', [LessonController::class, 'redo']);
            Route::get('lessons/{lesson}/kept', [LessonController::class, 'kept']);
            Route::post('lessons/{lesson}/kept/{kept}', [LessonController::class, 'takeUp'])->where('kept', '[0-9]{1,18}');
            Route::delete('lessons/{lesson}', [LessonController::class, 'delete']);
            Route::post('lessons/{lesson}/copy', [ShelfController::class, 'copy']);
            Route::patch('lessons/{lesson}/shelf', [ShelfController::class, 'update']);
            Route::get('lessons/{lesson}/slides/{slide}/looks', [LessonController::class, 'looks'])->where('slide', '[A-Za-z0-9-]{1,40}');
            Route::post('lessons/{lesson}/slides/{slide}/live', [LessonController::class, 'live'])->where('slide', '[A-Za-z0-9-]{1,40}');
            Route::get('lessons/{lesson}/brought', [BroughtSlideController::class, 'index']);
            Route::post('lessons/{lesson}/brought/{slide}', [BroughtSlideController::class, 'looked'])
                ->where('slide', '[A-Za-z0-9-]{1,40}');
            Route::get('lessons/{lesson}/slides/{slide}/picture.{picture}', [ExportController::class, 'slide'])
                ->where('slide', '[A-Za-z0-9-]{1,40}')->whereIn('picture', SlideDrawing::KINDS);
            Route::get('lessons/{lesson}/credits', [LessonController::class, 'credits']);
            Route::get('lessons/{lesson}/ready', [ReadyCheckController::class, 'show']);
            Route::get('lessons/{lesson}/handout', [HandoutController::class, 'show']);
            Route::get('lessons/{lesson}/files/{format}', [ExportController::class, 'write'])->where('format', Formats::writerNames());
            Route::get('lessons/{lesson}/takes', [TakeController::class, 'index']);
            Route::put('lessons/{lesson}/takes/{id}', [TakeController::class, 'begin'])->where('id', '[a-z0-9]{22}');
            Route::put('lessons/{lesson}/editing', [EditingController::class, 'update']);
            Route::post('lessons/{lesson}/captions', [EditingController::class, 'captions']);
            Route::post('lessons/{lesson}/halves', [EditingController::class, 'halve']);
            Route::get('lessons/{lesson}/shortening', [EditingController::class, 'shortening']);
            Route::get('lessons/{lesson}/programme', [ProgrammeController::class, 'show']);
            Route::post('lessons/{lesson}/voice', [VoiceController::class, 'speak']);
            Route::get('lessons/{lesson}/share', [ShareController::class, 'show']);
            Route::post('lessons/{lesson}/releases', [ShareController::class, 'release']);
            Route::put('lessons/{lesson}/shares', [ShareController::class, 'share']);
            Route::delete('lessons/{lesson}/shares/{share}', [ShareController::class, 'takeBack'])->scopeBindings();
            Route::get('lessons/{lesson}/replies', [RepliesController::class, 'show'])->middleware('cache.headers:private;no_cache;etag');
            Route::get('lessons/{lesson}/answers/{answer}/file', [RepliesController::class, 'file']);
            Route::get('lessons/{lesson}/replies/{share}.csv', [RepliesController::class, 'table'])->scopeBindings();
            Route::put('lessons/{lesson}/marks', [RepliesController::class, 'mark']);
            Route::put('lessons/{lesson}/moments/{moment}', [RepliesController::class, 'reply']);
            Route::post('lessons/{lesson}/shares/{share}/next-opening', [RepliesController::class, 'askAgain'])->scopeBindings();
        });
        Route::middleware('can:own,take')->group(function (): void {
            Route::put('takes/{take}/pieces/{number}', [TakeController::class, 'piece'])->where('number', '[0-9]{1,6}');
            Route::post('takes/{take}/finish', [TakeController::class, 'finish']);
            Route::post('takes/{take}/prepare', [TakeController::class, 'prepareAgain']);
            Route::post('takes/{take}/choose', [TakeController::class, 'choose']);
            Route::delete('takes/{take}', [TakeController::class, 'delete']);
            Route::get('takes/{take}/sound', [TakeController::class, 'sound']);
            Route::get('takes/{take}/narration', [TakeController::class, 'narration']);
            Route::put('takes/{take}/footage/{id}', [FootageController::class, 'begin'])->where('id', '[a-z0-9]{22}');
            Route::scopeBindings()->group(function (): void {
                Route::put('takes/{take}/footage/{footage}/pieces/{number}', [FootageController::class, 'piece'])
                    ->where('number', '[0-9]{1,6}');
                Route::post('takes/{take}/footage/{footage}/finish', [FootageController::class, 'finish']);
                Route::put('takes/{take}/footage/{footage}/left-out', [FootageController::class, 'leaveOut']);
                Route::get('takes/{take}/footage/{footage}/film', [FootageController::class, 'film']);
            });
        });
        Route::middleware('can:own,release')->group(function (): void {
            Route::get('releases/{release}', [ReleaseController::class, 'show']);
            Route::get('releases/{release}/sound.{kind}', [ReleaseController::class, 'sound'])->whereIn('kind', ['webm', 'm4a']);
            Route::get('releases/{release}/film/{footage}', [ReleaseController::class, 'film'])->where('footage', '[a-z0-9]{22}');
            Route::post('releases/{release}/exports', [ExportController::class, 'create']);
        });
        Route::middleware('can:own,export')->group(function (): void {
            Route::get('exports/{export}', [ExportController::class, 'show']);
            Route::delete('exports/{export}', [ExportController::class, 'cancel']);
            Route::get('exports/{export}/file', [ExportController::class, 'download']);
        });
    });

    Route::get('overview/{overview}', [OverviewController::class, 'show'])->where('overview', '[a-z0-9]{22}')
        ->middleware('throttle:overview');

    Route::prefix('watch')->group(function (): void {
        Route::post('join', [WatchController::class, 'join']);
        Route::post('enter', [WatchController::class, 'enter']);
        Route::get('me', [WatchController::class, 'me']);
        Route::post('leave', [WatchController::class, 'leave']);
        Route::middleware('student')->group(function (): void {
            Route::get('{share}', [WatchController::class, 'show']);
            Route::get('{share}/media/{sha256}', [WatchController::class, 'media'])->where('sha256', '[0-9a-f]{64}');
            Route::get('{share}/handout.pdf', [WatchController::class, 'handout']);
            Route::get('{share}/sound.{kind}', [WatchController::class, 'sound'])->whereIn('kind', ['webm', 'm4a']);
            Route::get('{share}/film/{footage}', [WatchController::class, 'film'])->where('footage', '[a-z0-9]{22}');
            Route::post('{share}/slides/{slide}/live', [WatchController::class, 'live'])
                ->where('slide', '[A-Za-z0-9-]{1,40}')->middleware('throttle:live');
            Route::get('{share}/tasks/{block}/sound', [WatchController::class, 'readAloud'])
                ->where('block', '[A-Za-z0-9-]{1,40}')->middleware('throttle:live');
            Route::get('{share}/kept', [KeptLessonController::class, 'show'])->middleware('throttle:live');
            Route::get('{share}/kept/files/{reference}', [KeptLessonController::class, 'file'])
                ->where('reference', '[A-Za-z0-9_-]{40,600}');
            Route::put('{share}/place', [WatchController::class, 'place']);
            Route::put('{share}/answers/{block}', [WatchController::class, 'answer'])->where('block', '[A-Za-z0-9-]{1,40}');
            Route::post('{share}/answers/{block}/file', [WatchController::class, 'answerWithFile'])
                ->where('block', '[A-Za-z0-9-]{1,40}')->middleware('throttle:live');
            Route::get('{share}/answers/{block}/file', [WatchController::class, 'answerFile'])->where('block', '[A-Za-z0-9-]{1,40}');
            Route::put('{share}/tasks/{block}', [WatchController::class, 'ask'])->where('block', '[A-Za-z0-9-]{1,40}');
            Route::post('{share}/tasks/{block}/items', [WatchController::class, 'drill'])
                ->where('block', '[A-Za-z0-9-]{1,40}')->middleware('throttle:live');
            Route::post('{share}/tasks/{block}/answer', [WatchController::class, 'giveUp'])->where('block', '[A-Za-z0-9-]{1,40}');
            Route::post('{share}/exit-check', [WatchController::class, 'handIn']);
            Route::put('{share}/aims', [WatchController::class, 'aims']);
            Route::put('{share}/moments/{moment}', [WatchController::class, 'moment'])->where('moment', '[a-z0-9]{22}');
            Route::delete('{share}/moments/{moment}', [WatchController::class, 'forgetMoment'])->where('moment', '[a-z0-9]{22}');
        });
    });
});

Route::view('/join/{code?}', 'watch')->where('code', '[A-Za-z0-9-]{0,12}');
Route::view('/overview/{overview}', 'watch')->where('overview', '[a-z0-9]{22}');
Route::view('/w/{share}', 'watch')->where('share', '[a-z0-9]{22}');

$rooms = 'sign-in|account|set-password/[A-Za-z0-9]{40}|classes';
$lessonRooms = 'lesson/[a-z0-9]{22}/(plan|storyboard|record|edit|share|replies|brought-in)';
Route::view('/{path?}', 'rooms')->where('path', "({$rooms}|{$lessonRooms})?")->name('login');
