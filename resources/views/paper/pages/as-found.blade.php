<p>{{ __('paper.as-found') }}</p>
@include('paper.table', ['columns' => __('paper.columns.as-found'), 'rows' => array_map(fn ($row) => [$row['box'], $row['cable'], $row['conductor'], '', ''], $lists['schedule'])])
