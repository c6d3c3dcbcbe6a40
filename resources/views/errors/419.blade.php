@include('errors.page', ['title' => 'This page was open too long', 'text' => 'Your sign-in ran out. What you did at the bench is kept; sign in again and go on.'])
