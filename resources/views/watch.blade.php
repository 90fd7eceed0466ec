<!doctype html>
<html lang="en-GB">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Watch a lesson</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    @vite(['web/watch/main.tsx'])
</head>
<body><div id="app"></div></body>
</html>
