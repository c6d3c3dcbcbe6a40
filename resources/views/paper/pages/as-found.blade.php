<p>{{ __('paper.as-found') }} {{ __('paper.as-found-numbers') }}</p>
@foreach ($lists['found'] as $box)
<h3>{{ $box['label'] }}</h3>
<p class="soft">@foreach ($box['places'] as $i => $place){{ $i + 1 }} {{ $place['name'] }}@if (! $loop->last) · @endif @endforeach</p>
@include('paper.table', ['columns' => __('paper.columns.as-found'), 'rows' => array_map(fn ($row) => [trim(($row['flag'] ?? '').' '.$row['name']), '', ''], $box['rows'])])
@endforeach
