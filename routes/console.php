<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Schedule;

Schedule::command('pictures:tidy')->dailyAt('03:30');
Schedule::command('jobs:tend')->everyMinute()->withoutOverlapping(5);
