@include('errors.page', ['title' => 'Too many tries', 'text' => 'Wait a minute, then try again. Nothing was lost.'])
