<!doctype html>
<html lang="en-GB">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="robots" content="noindex">
    <title>@yield('title')</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    @vite(['web/style.css'])
</head>
<body>
<div class="flex h-3" aria-hidden="true">
    @foreach (['opening', 'aims', 'explain', 'example', 'your-turn', 'recap', 'exit-check', 'afterwards'] as $part)
        <span class="part-{{ $part }} flex-1 bg-(--tint)"></span>
    @endforeach
</div>
<main class="mx-auto flex min-h-[80dvh] max-w-md flex-col justify-center gap-5 p-5">
    <h1 class="text-2xl">@yield('title')</h1>
    @yield('content')
</main>
</body>
</html>
