<p>{{ __('paper.open-boxes') }}</p>
@include('paper.open')
<ol>@foreach ($steps as $step)<li>{{ $step }}</li>@endforeach</ol>
