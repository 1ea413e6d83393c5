@include('errors.page', ['what' => 'away'])
