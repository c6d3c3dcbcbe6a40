@extends('paper.layout')
@section('pages')
<div class="page last">
<header><h1>{{ $report['title'] }}</h1><span class="name">{{ $who }}</span></header>
<p><strong>{{ $title }}</strong> · {{ __('paper.test-supply', ['volts' => $practice->nominalV, 'breaker' => $supply->breakerA ?? '—']) }}{{ $supply->rcdMa === null ? '' : ' · '.__('proving.supply.residual', [], App\Wording\Region::of($practice)).' '.$supply->rcdMa.' mA' }}</p>
@include('paper.table', ['columns' => __('paper.test-step-columns'), 'rows' => array_map(fn ($step) => [
    $step['name'], __('paper.test-states.'.$step['state']), $step['why'],
], $report['steps'])])
@include('paper.table', ['columns' => __('paper.test-columns'), 'rows' => array_map(fn ($line) => [
    $line['name'], $line['reading'], __('paper.test-results.'.var_export($line['isGood'], true)),
    implode(' ', array_filter([$line['left'] === '' ? '' : __('paper.test-left', ['left' => $line['left']]), $line['why']])),
], $report['lines'])])
@foreach ($report['hazards'] as $hazard)<p>! {{ $hazard }}</p>@endforeach
<p>{{ __('paper.mark-signed') }}</p>
<p class="caution">{{ $report['caution'] }}</p>
</div>
@endsection
