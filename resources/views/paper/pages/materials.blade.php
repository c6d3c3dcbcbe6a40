@include('paper.table', ['columns' => array_slice(__('materials.columns.materials'), 0, 3), 'rows' => array_map(fn ($row) => array_slice($row, 0, 3), $lists['materials'])])
<h2>{{ __('paper.cut-list') }}</h2>
<p>{{ $lists['allowed'] }}.</p>
@include('paper.table', ['columns' => __('materials.columns.cuts'), 'rows' => $lists['cuts']])
