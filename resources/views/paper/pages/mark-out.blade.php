@include('paper.table', ['columns' => __('paper.columns.mark-out'), 'rows' => $prepare['markOut']])
