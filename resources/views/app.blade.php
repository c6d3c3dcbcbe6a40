<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light">
    <title>Zwindle</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite(['resources/css/app.css', 'resources/js/app.ts'])
</head>
<body>
    <div id="app"></div>
    <noscript>Zwindle needs JavaScript: the bench is drawn by this page.</noscript>
</body>
</html>
