<?php

use Illuminate\Support\Facades\Schedule;

Schedule::command('jobs:tend')->everyMinute()->withoutOverlapping(5);
