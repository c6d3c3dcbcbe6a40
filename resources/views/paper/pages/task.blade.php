<p>{{ $brief }}</p>
<p>@include('paper.drawing', ['drawing' => $blankBoard])</p>
<p><strong>{{ __('paper.write-down') }}</strong></p>
@include('paper.write-down', ['schedule' => $lists['schedule']])
<p>{{ __('paper.sign') }}</p>
