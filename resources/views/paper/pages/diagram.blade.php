<p>@include('paper.drawing', ['drawing' => $diagram])</p>
<p>{{ __('verdict.diagram-note', [], $locale) }}</p>
