<?php

use App\Console\Bench;
use App\Console\CheckLesson;
use App\Console\CheckMaths;
use App\Console\DrawFigure;
use App\Console\ExportLesson;
use App\Console\ImportLesson;
use App\Console\LoadDemo;
use App\Console\MakeLessonVideo;
use App\Console\ResumeJobs;
use Illuminate\Support\Facades\Artisan;

foreach ([LoadDemo::class, MakeLessonVideo::class, ExportLesson::class, ImportLesson::class, CheckLesson::class, CheckMaths::class, DrawFigure::class, Bench::class, ResumeJobs::class] as $command) {
    Artisan::registerCommand(app($command));
}
