@include('errors.page', ['what' => 'forbidden'])
