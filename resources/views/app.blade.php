<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1, viewport-fit=cover">
    <meta name="theme-color" content="#EFE6D2">
    <title>Hound Check</title>
    <link rel="manifest" href="/app.webmanifest">
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    @vite('resources/js/main.ts')
</head>
<body>
    <div id="app"></div>
    <noscript>Hound Check needs JavaScript. Switch it on in this browser, then reload the page.</noscript>
</body>
</html>
