<!doctype html>
<html lang="en-GB">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="style-nonce" content="{{ Vite::cspNonce() }}">
    <title>Daybright Lesson</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    @vite(['web/rooms/main.tsx'])
</head>
<body><div id="app"></div></body>
</html>
