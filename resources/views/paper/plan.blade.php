@extends('paper.layout')
@section('pages')
@foreach ($pages as $page)
<div class="page{{ $loop->last ? ' last' : '' }}">
<header><h1>{{ $title }}</h1><span class="name">{{ __("paper.page.{$page->value}") }}</span></header>
@switch($page->value)
@case('task')
<p>{{ $brief }}</p>
<p><img src="{{ $blankBoard->source() }}" style="width: {{ $blankBoard->widthMm }}mm; height: {{ $blankBoard->heightMm }}mm" alt=""></p>
<p><strong>{{ __('paper.write-down') }}</strong></p>
@include('paper.table', ['columns' => __('paper.columns.blank'), 'rows' => array_map(fn ($row) => [$row['box'], $row['cable'], $row['conductor'], '', ''], $lists['schedule'])])
<p>{{ __('paper.sign') }}</p>
@break
@case('board')
<p><img src="{{ $board->source() }}" style="width: {{ $board->widthMm }}mm; height: {{ $board->heightMm }}mm" alt=""></p>
@break
@case('schedule')
@include('paper.table', ['columns' => __('materials.columns.schedule'), 'rows' => $lists['schedule']])
@break
@case('diagram')
<p><img src="{{ $diagram->source() }}" style="width: {{ $diagram->widthMm }}mm; height: {{ $diagram->heightMm }}mm" alt=""></p>
<p>{{ __('verdict.diagram-note', [], $locale) }}</p>
@break
@case('key')
<p>{{ __('paper.open-boxes') }}</p>
@include('paper.open')
<ol>@foreach ($steps as $step)<li>{{ $step }}</li>@endforeach</ol>
@break
@case('materials')
@include('paper.table', ['columns' => array_slice(__('materials.columns.materials'), 0, 3), 'rows' => array_map(fn ($row) => array_slice($row, 0, 3), $lists['materials'])])
<h2>{{ __('paper.cut-list') }}</h2>
<p>{{ $lists['allowed'] }}.</p>
@include('paper.table', ['columns' => __('materials.columns.cuts'), 'rows' => $lists['cuts']])
@break
@case('mark-out')
@include('paper.table', ['columns' => __('paper.columns.mark-out'), 'rows' => $prepare['markOut']])
@break
@case('boxes')
@foreach ($prepare['fold'] as $box)
<h2>{{ __('paper.fold', ['box' => $box['box']]) }}</h2>
<ol>@foreach ($box['layers'] as $layer)<li>{{ $layer }}</li>@endforeach</ol>
@endforeach
@foreach ($prepare['roses'] as $rose)
<h2>{{ __('paper.rose', ['rose' => $rose['rose']]) }}</h2>
@include('paper.table', ['columns' => __('paper.columns.rose'), 'rows' => $rose['blocks']])
<p>{{ $rose['dark'] }}</p>
@endforeach
<h2>{{ __('paper.spares') }}</h2>
@if ($prepare['spares'] === [])<p>{{ __('paper.no-spares') }}</p>@else
@include('paper.table', ['columns' => __('paper.columns.spares'), 'rows' => $prepare['spares']])
@endif
@foreach ($prepare['lookAlikes'] as $sentence)<p>{{ $sentence }}</p>@endforeach
@break
@case('readings')
@include('paper.table', ['columns' => __('paper.columns.readings'), 'rows' => $prepare['readings']])
@break
@case('labels')
@case('blank-labels')
<table class="labels">@foreach (array_chunk($lists['labels'], 3) as $row)<tr>@foreach ($row as $label)<td><strong>{{ $label['cable'] }}</strong><br>{{ $label['end'] }} → {{ $label['other'] }}<br>{{ $page->isWithoutAnswers() ? '' : $label['carries'] }}</td>@endforeach</tr>@endforeach</table>
@break
@case('as-found')
<p>{{ __('paper.as-found') }}</p>
@include('paper.table', ['columns' => __('paper.columns.as-found'), 'rows' => array_map(fn ($row) => [$row['box'], $row['cable'], $row['conductor'], '', ''], $lists['schedule'])])
@break
@endswitch
</div>
@endforeach
@endsection
