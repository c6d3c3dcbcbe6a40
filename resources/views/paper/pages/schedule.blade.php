@include('paper.table', ['columns' => __('materials.columns.schedule'), 'rows' => $lists['schedule']])
