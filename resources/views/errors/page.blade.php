<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $title }} · Zwindle</title>
    <style nonce="{{ \Illuminate\Support\Facades\Vite::cspNonce() ?? \Illuminate\Support\Facades\Vite::useCspNonce() }}">
        body { margin: 0; background: #F5F2EA; color: #1D2129; font: 18px/1.5 'Atkinson Hyperlegible', system-ui, sans-serif; }
        main { max-width: 34rem; margin: 12vh auto; padding: 0 1.5rem; }
        .bar { height: 14px; border: 2px solid #1D2129; background: repeating-linear-gradient(-45deg, #1D2129 0 8px, #F5F2EA 8px 16px); }
        h1 { font-size: 1.6rem; margin: 1.2rem 0 .4rem; }
        a { display: inline-block; margin-top: 1rem; padding: .6rem 1.2rem; border-radius: 3px; background: #5B2BB5; color: #F5F2EA; font-weight: bold; text-decoration: none; }
    </style>
</head>
<body>
    <main>
        <div class="bar" role="presentation"></div>
        <h1>{{ $title }}</h1>
        <p>{{ $text }}</p>
        <a href="/">Back to the start</a>
    </main>
</body>
</html>
