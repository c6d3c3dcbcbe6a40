<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ $title }}</title>
<style>{!! $style !!}</style>
</head>
<body>
<footer><span class="number"></span>{{ __('verdict.paper-caution', [], App\Wording\Region::of($practice)) }}</footer>
@yield('pages')
</body>
</html>
