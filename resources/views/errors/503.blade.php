@include('errors.page', ['title' => 'Down for a moment', 'text' => 'The server is being looked after. An open bench goes on working; it sends its steps when the server is back.'])
