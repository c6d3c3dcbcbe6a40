@extends('paper.layout')
@section('pages')
@foreach ($seats as $seat)
<div class="page{{ $loop->last ? ' last' : '' }}">
@if ($seat === null)
<p class="name">{{ __('paper.blank-side') }}</p>
@else
<header><h1>{{ $title }}</h1><span class="name">{{ __('paper.seat', ['seat' => $seat['seat'], 'trainee' => $seat['trainee']]) }}{{ $withAnswers ? ', '.__('paper.seat-key') : '' }}</span></header>
@if ($withAnswers)
<p>{{ __('paper.open-boxes') }}</p>
@include('paper.open', ['boxes' => $seat['boxes'], 'supplies' => $seat['supplies']])
@else
<p>{{ $brief }} {{ $minutes === null ? '' : __('paper.minutes', ['minutes' => $minutes]) }}</p>
@foreach ($positions as $position)<p>{{ $position }}</p>@endforeach
@if ($stands !== '')<p><strong>{{ $stands }}</strong></p>@endif
<p>@include('paper.drawing', ['drawing' => $seat['board']])</p>
<p><strong>{{ __('paper.write-down') }}</strong></p>
@include('paper.write-down', ['schedule' => $seat['schedule']])
<p>{{ __('paper.sign') }}</p>
@endif
@endif
</div>
@endforeach
@endsection
