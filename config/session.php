<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'database'),
    // Minutes without a visit after which a session ends: 30 days. A session ends after as long at the latest, however much it is used.
    'lifetime' => (int) env('SESSION_LIFETIME', 43200),
    'longest' => 43200,
    // Sent over TLS alone where the site is served over it.
    'secure' => env('SESSION_SECURE_COOKIE', str_starts_with((string) env('APP_URL'), 'https://')),
    'cookie' => 'daybright_session',
    'same_site' => 'lax',
];
