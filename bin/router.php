<?php

declare(strict_types=1);

// Serves the files of public/ and leads everything else to the application, for PHP's built-in server.

const TYPES = [
    'js' => 'text/javascript',
    'css' => 'text/css',
    'ttf' => 'font/ttf',
    'woff2' => 'font/woff2',
    'svg' => 'image/svg+xml',
    'png' => 'image/png',
    'ico' => 'image/x-icon',
    'json' => 'application/json',
    'txt' => 'text/plain',
    'wasm' => 'application/wasm',
];

$public = dirname(__DIR__).'/public';
$path = rawurldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
$file = str_contains($path, "\0") ? false : realpath($public.$path);
$type = TYPES[pathinfo((string) $file, PATHINFO_EXTENSION)] ?? null;
if ($file !== false && $type !== null && is_file($file) && str_starts_with($file, $public.'/')) {
    header('Content-Type: '.$type);
    header('Content-Length: '.filesize($file));
    header('X-Content-Type-Options: nosniff');
    // Built files carry their content's hash in their names.
    header('Cache-Control: '.(str_starts_with($path, '/build/') ? 'public, max-age=31536000, immutable' : 'no-cache'));
    readfile($file);

    return true;
}
$_SERVER['SCRIPT_NAME'] = '/index.php';
require $public.'/index.php';
