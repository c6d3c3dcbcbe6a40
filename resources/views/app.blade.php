<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light">
    <title>Zwindle</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite(['resources/css/app.css', 'resources/js/app.ts'])
</head>
<body>
    <script type="application/json" id="words">@json(__('screens/shared'))</script>
    <div id="app"></div>
    <noscript>{{ __('screens/page.needs-javascript') }}</noscript>
</body>
</html>
