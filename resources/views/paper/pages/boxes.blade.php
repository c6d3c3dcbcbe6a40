@foreach ($prepare['fold'] as $box)
<h2>{{ __('paper.fold', ['box' => $box['box']]) }}</h2>
<ol>@foreach ($box['layers'] as $layer)<li>{{ $layer }}</li>@endforeach</ol>
@endforeach
@foreach ($prepare['roses'] as $rose)
<h2>{{ __('paper.rose', ['rose' => $rose['rose']]) }}</h2>
@include('paper.table', ['columns' => __('paper.columns.rose'), 'rows' => $rose['blocks']])
<p>{{ $rose['dark'] }}</p>
@endforeach
@foreach ($prepare['onward'] as $sentence)<p>{{ $sentence }}</p>@endforeach
<h2>{{ __('paper.spares') }}</h2>
@if ($prepare['spares'] === [])<p>{{ __('paper.no-spares') }}</p>@else
@include('paper.table', ['columns' => __('paper.columns.spares'), 'rows' => $prepare['spares']])
@endif
@foreach ($prepare['lookAlikes'] as $sentence)<p>{{ $sentence }}</p>@endforeach
