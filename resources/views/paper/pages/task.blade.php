<p>{{ $brief }}</p>
<p>@include('paper.drawing', ['drawing' => $blankBoard])</p>
<p><strong>{{ __('paper.write-down') }}</strong></p>
@include('paper.table', ['columns' => __('paper.columns.blank'), 'rows' => array_map(fn ($row) => [$row['box'], $row['cable'], $row['conductor'], '', ''], $lists['schedule'])])
<p>{{ __('paper.sign') }}</p>
