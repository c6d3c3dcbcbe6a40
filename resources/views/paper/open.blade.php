<table class="open">@foreach (array_chunk($boxes, 2) as $pair)<tr>@foreach ($pair as $box)<td>@include('paper.drawing', ['drawing' => $box])</td>@endforeach</tr>@endforeach</table>
@foreach ($supplies as $supply)<p>{{ $supply }}</p>
@endforeach
