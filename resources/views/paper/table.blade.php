<table><thead><tr>@foreach ($columns as $column)<th>{{ $column }}</th>@endforeach</tr></thead>
<tbody>@foreach ($rows as $row)<tr>@foreach ($row as $cell)<td{!! mb_strlen($cell) <= 20 ? ' class="short"' : '' !!}>@if ($cell === '')<div class="blank"></div>@else{{ $cell }}@endif</td>@endforeach</tr>@endforeach</tbody></table>
