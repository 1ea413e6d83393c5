@use('Aequus\Logbook\Set\PointOfNoReturn')
@include('set.check-form', ['before' => PointOfNoReturn::Pour])
