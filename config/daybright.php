<?php

declare(strict_types=1);

return [
    // Changes with everything that drawings follow from: what was painted by another edition is painted anew. Written by bin/edition.
    'edition' => is_file($edition = storage_path('framework/edition')) ? trim((string) file_get_contents($edition)) : 'none',
    // The process that sets formulas listens here; without it each formula starts a process of its own.
    'formula_socket' => env('FORMULA_SOCKET', storage_path('framework/formula.sock')),
    // Videos of lessons are made piece by piece while they are recorded and cut, before anybody asks for one.
    'makes_videos_ahead' => (bool) env('VIDEOS_AHEAD', true),
    'programs' => [
        'node' => env('NODE_PROGRAM', 'node'),
        'ffmpeg' => env('FFMPEG_PROGRAM', 'ffmpeg'),
        'ffprobe' => env('FFPROBE_PROGRAM', 'ffprobe'),
        'flite' => env('FLITE_PROGRAM', 'flite'),
        'espeak' => env('ESPEAK_PROGRAM', 'espeak-ng'),
        'pdfinfo' => env('PDFINFO_PROGRAM', 'pdfinfo'),
        'pdftocairo' => env('PDFTOCAIRO_PROGRAM', 'pdftocairo'),
        'pdftotext' => env('PDFTOTEXT_PROGRAM', 'pdftotext'),
        'rsvg' => env('RSVG_PROGRAM', 'rsvg-convert'),
        'php' => env('PHP_PROGRAM', PHP_BINARY),
    ],
    // The school’s time zone, in which times stand in tables that are taken away.
    'zone' => env('SCHOOL_ZONE', 'UTC'),
    // Seconds after which any program is stopped, whatever it does.
    'longest_wait' => (int) env('LONGEST_WAIT', 3600),
    // Drawings that ship with the program, and their words: made by library/build.php.
    'library' => env('LIBRARY_PATH', storage_path('framework/library')),
    // Unfinished files.
    'work_folder' => env('WORK_PATH', storage_path('framework/cache/work')),
    // Seconds.
    'longest_clip' => 900,
    // Bytes.
    'largest_picture' => 8 * 1024 * 1024,
    'largest_piece' => 512 * 1024,
    'largest_film_piece' => 2 * 1024 * 1024,
    'largest_clip' => 200_000_000,
    'largest_archive' => 300 * 1024 * 1024,
];
