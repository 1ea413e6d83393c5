@include('errors.page', ['what' => 'not_found'])
