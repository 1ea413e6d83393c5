@include('set.check-form', ['before' => \Aequus\Logbook\Set\PointOfNoReturn::Pour])
