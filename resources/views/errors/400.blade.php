@include('errors.page', ['what' => 'unreadable'])
