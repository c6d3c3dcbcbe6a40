@include('errors.page', ['title' => 'That went wrong on our side', 'text' => 'The server could not do that and has noted it. Every step it had confirmed is kept.'])
