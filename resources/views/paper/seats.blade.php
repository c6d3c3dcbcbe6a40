@extends('paper.layout')
@section('pages')
@foreach ($seats as $seat)
<div class="page{{ $loop->last ? ' last' : '' }}">
<header><h1>{{ $title }}</h1><span class="name">{{ __('paper.seat', ['seat' => $seat['seat'], 'trainee' => $seat['trainee']]) }}{{ $withAnswers ? ', '.__('paper.seat-key') : '' }}</span></header>
@if ($withAnswers)
<p>{{ __('paper.open-boxes') }}</p>
@include('paper.open', ['boxes' => $seat['boxes']])
@else
<p>{{ $brief }} {{ $minutes === null ? '' : __('paper.minutes', ['minutes' => $minutes]) }}</p>
@foreach ($positions as $position)<p>{{ $position }}</p>@endforeach
@if ($stands !== '')<p><strong>{{ $stands }}</strong></p>@endif
<p>@include('paper.drawing', ['drawing' => $seat['board']])</p>
<p><strong>{{ __('paper.write-down') }}</strong></p>
@include('paper.table', ['columns' => __('paper.columns.blank'), 'rows' => array_map(fn ($row) => [$row['box'], $row['cable'], $row['conductor'], '', ''], $seat['schedule'])])
<p>{{ __('paper.sign') }}</p>
@endif
</div>
@endforeach
@endsection
