@if (App\Paper\Boards\WriteDown::columnsFor($schedule) === 1)
@include('paper.table', ['columns' => __('paper.columns.blank'), 'rows' => array_map(fn ($row) => [$row['box'], $row['cable'], $row['conductor'], '', ''], $schedule)])
@else
<table class="beside"><tr>@foreach (App\Paper\Boards\WriteDown::columns($schedule) as $boxes)<td><table>
<thead><tr>@foreach (array_slice(__('paper.columns.blank'), 1) as $i => $column)<th{!! $i > 1 ? ' class="room"' : '' !!}>{{ $column }}</th>@endforeach</tr></thead>
<tbody>@foreach ($boxes as $box => $rows)<tr><td colspan="4"><strong>{{ $box }}</strong></td></tr>
@foreach ($rows as $row)<tr><td class="short">{{ $row['cable'] }}</td><td class="short">{{ $row['conductor'] }}</td><td></td><td></td></tr>@endforeach
@endforeach</tbody></table></td>@endforeach</tr></table>
@endif
