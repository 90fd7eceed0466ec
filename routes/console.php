<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Schedule;

Schedule::command('media:tidy')->dailyAt('03:30');
Schedule::command('jobs:tend')->everyMinute()->withoutOverlapping(5);
