@include('errors.page', ['title' => 'This is not yours to open', 'text' => 'Your sign-in does not reach this page. Nothing was changed.'])
