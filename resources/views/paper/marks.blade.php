@extends('paper.layout')
@section('pages')
@if (count($rows) > 1)
<div class="page{{ $people === [] ? ' last' : '' }}">
<header><h1>{{ $title }}</h1><span class="name">{{ $classroom }}</span></header>
@include('paper.table', ['columns' => __('paper.mark-columns'), 'rows' => $rows])
<p>{{ __('paper.mark-signed') }}</p>
</div>
@endif
@foreach ($people as $person)
<div class="page{{ $loop->last ? ' last' : '' }}">
<header><h1>{{ $title }}</h1><span class="name">{{ $person['name'] }}</span></header>
<p><strong>{{ __('paper.mark-of', ['got' => $person['mark']['got'], 'total' => $person['mark']['total'], 'passMark' => $person['mark']['passMark']]) }}</strong> {{ $person['headline'] }}</p>
@include('paper.table', ['columns' => __('paper.mark-line-columns'), 'rows' => array_map(fn ($line) => [
    $line['text'].($line['byHand'] === null ? '' : ' '.__('paper.mark-by-hand', ['why' => $line['byHand']['why']])),
    ($line['got'] ?? '…').' / '.$line['of'],
], $person['mark']['lines'])])
@if ($person['mark']['byHand'] !== null)<p>{{ __('paper.mark-by-hand', ['why' => $person['mark']['byHand']['why']]) }}</p>@endif
@if ($person['note'] !== '')<p>{{ $person['note'] }}</p>@endif
<p>{{ __('paper.mark-signed') }}</p>
</div>
@endforeach
@endsection
