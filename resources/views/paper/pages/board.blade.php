<p>@include('paper.drawing', ['drawing' => $board])</p>
