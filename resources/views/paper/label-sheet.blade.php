<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ $title }}</title>
<style>{!! $style !!}
@page { margin: 0; }
</style>
</head>
<body>
@foreach ($sheets as $labels)
<div class="page{{ $loop->last ? ' last' : '' }}">
@foreach ($labels as $label)
<div class="label{{ $isLow ? ' low' : '' }}" style="left: {{ $label['at'][0] }}mm; top: {{ $label['at'][1] }}mm; width: {{ $size[0] - 5 }}mm; height: {{ $size[1] - 3 }}mm"><strong>{{ $label['cable'] }}</strong> {{ $label['end'] }} → {{ $label['other'] }}@if ($withAnswers && ! $isLow)<br>{{ $label['carries'] }}@endif</div>
@endforeach
</div>
@endforeach
</body>
</html>
