<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ $title }}</title>
<style>{!! $style !!}</style>
</head>
<body>
<footer><span class="number"></span>{{ __('verdict.paper-caution', [], $practice->words) }}</footer>
@yield('pages')
</body>
</html>
