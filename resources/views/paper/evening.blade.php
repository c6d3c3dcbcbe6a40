@extends('paper.layout')
@section('pages')
@if ($page === 'list')
<div class="page last">
<header><h1>{{ $title }}</h1><span class="name">{{ __('evening.paper.starts') }}</span></header>
@include('paper.table', ['columns' => __('evening.paper.list'), 'rows' => $list])
</div>
@elseif ($page === 'slips')
<div class="page last">
@foreach ($slips as $slip)
<div style="border: 0.3mm solid #000; padding: 4mm; margin-bottom: 4mm; page-break-inside: avoid;">
<strong>{{ $slip['name'] }}</strong> · {{ $title }}
@foreach ($slip['lines'] as $line)<p>{{ $line }}</p>@endforeach
</div>
@endforeach
</div>
@else
@foreach ($stations as $station)
<div class="page{{ $loop->last ? ' last' : '' }}">
<header><h1>{{ $station['label'] }}</h1><span class="name">{{ $title }}</span></header>
@include('paper.table', ['columns' => __('evening.paper.station'), 'rows' => $station['rows']])
</div>
@endforeach
@endif
@endsection
