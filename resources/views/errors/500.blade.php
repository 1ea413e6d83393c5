@include('errors.page', ['what' => 'fault'])
