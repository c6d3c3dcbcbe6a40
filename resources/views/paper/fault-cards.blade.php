@extends('paper.layout')
@section('pages')
@foreach ($cards as $card)
<div class="page">
<header><h1>{{ $title }}</h1><span class="name">{{ __('paper.fault-card', ['seat' => $card['seat']]) }}</span></header>
<p>! {{ $cautions['hands'] }}</p>
<p>! {{ $cautions['neutral'] }}</p>
<h2>{{ __('paper.fault-put-in') }}</h2>
<ol>@foreach ($card['putIn'] as $step)<li>{{ $step }}</li>@endforeach</ol>
@if ($card['note'] !== '')<p><strong>{{ __("paper.fault-{$card['note']}") }}</strong></p>@endif
<h2>{{ __('paper.fault-put-right') }}</h2>
<p>! {{ $cautions['hands'] }}</p>
<ol>@foreach ($card['putRight'] as $step)<li>{{ $step }}</li>@endforeach</ol>
<p>{{ __('paper.fault-prove') }}</p>
</div>
@endforeach
@foreach ($cards as $card)
<div class="page">
<header><h1>{{ $title }}</h1><span class="name">{{ __('paper.fault-sheet', ['seat' => $card['seat']]) }}</span></header>
<p>{{ __('paper.sign') }}</p>
<p>! {{ $cautions['hands'] }}</p>
<p>! {{ __('paper.fault-dead-first') }} {{ $cautions['live'] }}</p>
<p><strong>{{ __('paper.fault-told') }}</strong> {{ $card['symptom'] }}</p>
@include('paper.table', ['columns' => __('paper.fault-columns'), 'rows' => array_fill(0, 10, ['', '', ''])])
<p>{{ __('paper.fault-found') }} ______________________________________________________</p>
<p>{{ __('paper.fault-repair') }} ______________________________________________________</p>
</div>
@endforeach
<div class="page last">
<header><h1>{{ $title }}</h1><span class="name">{{ __('paper.fault-key') }}</span></header>
@include('paper.table', ['columns' => __('paper.fault-key-columns'), 'rows' => array_map(fn ($card) => [$card['seat'], $card['fault'], $card['looks']], $cards)])
</div>
@endsection
