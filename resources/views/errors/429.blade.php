@include('errors.page', ['what' => 'too_many'])
