@include('paper.table', ['columns' => __('paper.columns.readings'), 'rows' => $prepare['readings']])
