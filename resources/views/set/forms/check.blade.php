@include('set.check-form', ['before' => \Aequus\Logbook\PointOfNoReturn::Pour])
