<table><thead><tr>@foreach ($columns as $column)<th>{{ $column }}</th>@endforeach</tr></thead>
<tbody>@foreach ($rows as $row)<tr>@foreach ($row as $cell)<td>@if ($cell === '')<div class="blank"></div>@else{{ $cell }}@endif</td>@endforeach</tr>@endforeach</tbody></table>
