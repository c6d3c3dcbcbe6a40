@include('errors.page', ['title' => 'Nothing hangs here', 'text' => 'There is no page under this address. Your work is where you left it.'])
