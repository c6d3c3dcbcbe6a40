<p>@include('paper.drawing', ['drawing' => $lightingPlan])</p>
<p>{{ __('paper.lighting-plan-note') }}</p>
