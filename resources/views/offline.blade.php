@include('errors.page', ['what' => 'offline'])
