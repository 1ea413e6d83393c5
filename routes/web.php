<?php

declare(strict_types=1);

use App\Http\Controllers\Account\AccountController;
use App\Http\Controllers\Account\BackupsController;
use App\Http\Controllers\Account\CautionController;
use App\Http\Controllers\Account\DemoController;
use App\Http\Controllers\Account\HelperController;
use App\Http\Controllers\Account\OwnerController;
use App\Http\Controllers\Account\SignInController;
use App\Http\Controllers\BillController;
use App\Http\Controllers\ClearController;
use App\Http\Controllers\CutController;
use App\Http\Controllers\DaysController;
use App\Http\Controllers\DrawingController;
use App\Http\Controllers\EchoController;
use App\Http\Controllers\EntryController;
use App\Http\Controllers\FilesController;
use App\Http\Controllers\FootingController;
use App\Http\Controllers\FrameController;
use App\Http\Controllers\HandoverController;
use App\Http\Controllers\HoldingController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\LevelController;
use App\Http\Controllers\LogbookController;
use App\Http\Controllers\PaperController;
use App\Http\Controllers\PictureController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PracticeController;
use App\Http\Controllers\QuickLineController;
use App\Http\Controllers\RoundController;
use App\Http\Controllers\SetController;
use App\Http\Controllers\SquareController;
use App\Http\Controllers\ThingController;
use App\Http\Controllers\TrustController;
use App\Http\Controllers\WorldController;
use App\Http\Middleware\LeaveSessionAlone;
use App\Http\Middleware\TakenAlone;
use Illuminate\Support\Facades\Route;

Route::view('/offline', 'offline')->name('offline')->withoutMiddleware('web');
Route::view('/up', 'up')->name('up')->withoutMiddleware('web');
Route::get('/trust', [TrustController::class, 'show'])->name('trust')->withoutMiddleware('web');
Route::get('/trust/aequus.crt', [TrustController::class, 'certificate'])->name('trust.certificate')->withoutMiddleware('web');

Route::middleware('guest')->group(function () {
    Route::get('/sign-in', [SignInController::class, 'show'])->name('sign-in');
    Route::post('/sign-in', [SignInController::class, 'enter'])->middleware('throttle:sign-in');
    Route::get('/owner', [OwnerController::class, 'show'])->name('owner');
    Route::post('/owner', [OwnerController::class, 'store'])->middleware('throttle:sign-in');
    if (config('aequus.mode') === 'demo') {
        Route::post('/demo', [DemoController::class, 'enter'])->name('demo');
    }
});

Route::middleware('auth')->group(function () {
    Route::post('/sign-out', [SignInController::class, 'leave'])->name('sign-out');
    Route::get('/', [JobController::class, 'index'])->name('jobs');
    Route::get('/jobs/new', [ThingController::class, 'choose'])->name('thing.choose');
    Route::get('/jobs/new/fields', [PlanController::class, 'create'])->name('plan.create');
    Route::get('/jobs/new/{kind}', [ThingController::class, 'ask'])->name('thing.ask');
    Route::post('/jobs/new/{kind}', [ThingController::class, 'store'])->name('thing.store');
    Route::post('/jobs', [PlanController::class, 'store'])->name('plan.store');
    Route::post('/jobs/from-file', [FilesController::class, 'bring'])->name('files.bring');
    Route::post('/cautions/{caution}', CautionController::class)->name('caution');
    Route::middleware(LeaveSessionAlone::class)->group(function () {
        Route::post('/plan/preview', [PlanController::class, 'preview'])->name('plan.preview');
        Route::post('/jobs/new/{kind}/preview', [ThingController::class, 'preview'])->name('thing.preview');
        Route::get('/echo', EchoController::class)->name('echo');
    });
    Route::get('/account', [AccountController::class, 'show'])->name('account');
    Route::post('/account/password', [AccountController::class, 'password'])->name('account.password')->middleware('throttle:sign-in');
    Route::post('/account/end-others', [AccountController::class, 'endOthers'])->name('account.end-others');
    Route::get('/backups', [BackupsController::class, 'show'])->name('backups');
    Route::post('/backups', [BackupsController::class, 'take'])->name('backups.take');
    Route::post('/helper', HelperController::class)->name('helper');

    Route::middleware([TakenAlone::class, 'can:work,job'])->prefix('/jobs/{job}')->group(function () {
        Route::get('/', [JobController::class, 'show'])->name('job');
        Route::get('/card', [JobController::class, 'card'])->name('job.card')->middleware(LeaveSessionAlone::class);
        Route::post('/name', [JobController::class, 'rename'])->name('job.rename');
        Route::post('/shelf', [JobController::class, 'shelve'])->name('job.shelve');
        Route::post('/copy', [JobController::class, 'copy'])->name('job.copy');

        Route::post('/entries/{kind}', [EntryController::class, 'store'])->name('entry');
        Route::get('/round/{kind}', RoundController::class)->name('round');
        Route::get('/thing', [ThingController::class, 'show'])->name('thing');
        Route::post('/thing', [ThingController::class, 'revise'])->name('thing.revise');
        Route::get('/plan', [PlanController::class, 'show'])->name('plan');
        Route::post('/plan', [PlanController::class, 'revise'])->name('plan.revise');
        Route::post('/plan/preview', [PlanController::class, 'preview'])->name('plan.revise.preview')->middleware(LeaveSessionAlone::class);
        Route::get('/plan/{number}', [PlanController::class, 'revision'])->whereNumber('number')->name('plan.revision');
        Route::post('/plan/{number}/back', [PlanController::class, 'back'])->whereNumber('number')->name('plan.back');
        Route::post('/plan/around', [PlanController::class, 'around'])->name('plan.around');
        Route::post('/plan/brace', [PlanController::class, 'brace'])->name('plan.brace');
        Route::post('/plan/fit', [PlanController::class, 'fit'])->name('plan.fit');
        Route::get('/plan/site', [PlanController::class, 'sitePlan'])->name('plan.site');
        Route::get('/plan/site.pdf', [PaperController::class, 'sitePlan'])->name('plan.site.pdf');
        Route::post('/plan/object', [PlanController::class, 'object'])->name('plan.object');
        Route::post('/plan/part', [PlanController::class, 'part'])->name('plan.part');
        Route::post('/plan/line', [PlanController::class, 'line'])->name('plan.line');

        Route::get('/clear', [ClearController::class, 'show'])->name('clear');

        Route::get('/square', [SquareController::class, 'show'])->name('square');
        Route::post('/square/rules', [SquareController::class, 'rules'])->name('square.rules');
        Route::post('/square/spare', [SquareController::class, 'spare'])->name('square.spare');
        Route::post('/square/placement', [SquareController::class, 'place'])->name('square.placement');
        Route::get('/square/prove', [SquareController::class, 'prove'])->name('square.prove');
        Route::get('/square/hand', [SquareController::class, 'hand'])->name('square.hand');
        Route::get('/square/sheet', [SquareController::class, 'sheet'])->name('square.sheet');
        Route::get('/square/cast', [SquareController::class, 'cast'])->name('square.cast');

        Route::get('/level', [LevelController::class, 'show'])->name('level');
        Route::get('/level/instruments', [LevelController::class, 'instruments'])->name('level.instruments');

        Route::get('/footing', [FootingController::class, 'show'])->name('footing');
        Route::get('/footing/compare', [FootingController::class, 'compare'])->name('footing.compare');
        Route::post('/footing/way', [FootingController::class, 'way'])->name('footing.way');
        Route::get('/footing/frost', [FootingController::class, 'frost'])->name('footing.frost');
        Route::get('/footing/loads', [FootingController::class, 'loads'])->name('footing.loads');
        Route::get('/footing/materials', [BillController::class, 'moved']);
        Route::get('/footing/dig', [FootingController::class, 'dig'])->name('footing.dig');
        Route::post('/footing/rules', [FootingController::class, 'rules'])->name('footing.rules');
        Route::get('/footing/hold', [HoldingController::class, 'show'])->name('footing.hold');
        Route::post('/footing/hold', [HoldingController::class, 'decide'])->name('footing.hold.decide');
        Route::get('/footing/piers', [HoldingController::class, 'piers'])->name('footing.piers');
        Route::post('/footing/piers', [HoldingController::class, 'decidePiers'])->name('footing.piers.decide');
        Route::get('/footing/width', [HoldingController::class, 'width'])->name('footing.width');
        Route::post('/footing/width', [HoldingController::class, 'decideWidth'])->name('footing.width.decide');

        Route::get('/set', [SetController::class, 'show'])->name('set');
        Route::get('/set/tops', [SetController::class, 'tops'])->name('set.tops');
        Route::get('/set/stop', [SetController::class, 'stop'])->name('set.stop');
        Route::get('/set/start', [SetController::class, 'start'])->name('set.start');
        Route::get('/set/walk/{what}', [SetController::class, 'walk'])->name('set.walk');
        Route::get('/set/{label}', [SetController::class, 'post'])->name('set.post');

        Route::get('/pictures/{fingerprint}', [PictureController::class, 'show'])->name('pictures.show')->middleware(LeaveSessionAlone::class);
        Route::post('/quick', [QuickLineController::class, 'store'])->name('quick');
        Route::get('/quick', [QuickLineController::class, 'echo'])->name('quick.echo')->middleware(LeaveSessionAlone::class);

        Route::get('/cut', [CutController::class, 'show'])->name('cut');
        Route::post('/cut/tops', [CutController::class, 'tops'])->name('cut.tops');
        Route::post('/cut/raise', [CutController::class, 'raise'])->name('cut.raise');
        Route::get('/cut/rods', [CutController::class, 'rods'])->name('cut.rods');
        Route::get('/cut/set-out', [CutController::class, 'setOut'])->name('cut.set-out');
        Route::get('/footing/bill', [BillController::class, 'show'])->name('footing.bill');
        Route::get('/footing/bill.csv', [BillController::class, 'csv'])->name('footing.bill.csv');
        Route::post('/footing/bill', [BillController::class, 'price'])->name('footing.bill.price');
        Route::get('/footing/bill/lists', [BillController::class, 'lists'])->name('footing.bill.lists');
        Route::get('/footing/bill/lists.pdf', [BillController::class, 'printedLists'])->name('footing.bill.lists.pdf');
        Route::get('/footing/bill/lists.csv', [BillController::class, 'listsCsv'])->name('footing.bill.lists.csv');
        Route::post('/footing/bill/lists', [BillController::class, 'need'])->name('footing.bill.lists.need');
        Route::get('/footing/bill/choices', [BillController::class, 'choices'])->name('footing.bill.choices');
        Route::post('/footing/bill/ask', [BillController::class, 'ask'])->name('footing.bill.ask');
        Route::post('/footing/bill/read', [BillController::class, 'read'])->name('footing.bill.read');
        Route::get('/cut/frame', [CutController::class, 'frame'])->name('cut.frame');
        Route::get('/cut/members', [FrameController::class, 'members'])->name('cut.members');
        Route::get('/cut/members.pdf', [FrameController::class, 'printed'])->name('cut.members.pdf');
        Route::get('/cut/members/pole', [FrameController::class, 'pole'])->name('cut.members.pole');
        Route::post('/cut/members', [FrameController::class, 'decide'])->name('cut.members.decide');
        Route::post('/cut/members/single', [FrameController::class, 'single'])->name('cut.members.single');
        Route::get('/practice', [PracticeController::class, 'show'])->name('practice');
        Route::post('/practice', [PracticeController::class, 'turn'])->name('practice.turn');
        Route::post('/practice/ask', [PracticeController::class, 'ask'])->name('practice.ask');
        Route::post('/practice/read', [PracticeController::class, 'read'])->name('practice.read');
        Route::post('/practice/level', [PracticeController::class, 'level'])->name('practice.level');
        Route::post('/practice/out', [PracticeController::class, 'takeOut'])->name('practice.out');
        Route::get('/days', [DaysController::class, 'show'])->name('days');
        Route::get('/files', [FilesController::class, 'show'])->name('files');
        Route::get('/files/job.zip', [FilesController::class, 'whole'])->name('files.whole');
        Route::post('/files/points', [FilesController::class, 'readPoints'])->name('files.read');
        Route::get('/files/world', [WorldController::class, 'show'])->name('files.world');
        Route::post('/files/world', [WorldController::class, 'keep'])->name('files.world.keep');
        Route::post('/files/world/as-staked', [WorldController::class, 'readStaked'])->name('files.staked');
        Route::post('/files/world/readings', [WorldController::class, 'keepStaked'])->name('files.staked.keep');
        Route::post('/files/world/surface', [WorldController::class, 'readSurface'])->name('files.surface');
        Route::post('/files/world/heights', [WorldController::class, 'keepSurface'])->name('files.surface.keep');
        Route::post('/files/world/station', [WorldController::class, 'station'])->name('files.station');
        Route::post('/files/world/out', [WorldController::class, 'takeOutStaked'])->name('files.staked.out');
        Route::get('/files/stakes.csv', [WorldController::class, 'stakes'])->name('files.stakes');
        Route::get('/files/points.xml', [WorldController::class, 'landXml'])->name('files.landxml');
        Route::get('/files/plan.geojson', [WorldController::class, 'geoJson'])->name('files.geojson');
        Route::get('/files/tags.pdf', [FilesController::class, 'tags'])->name('files.tags');
        Route::get('/files/points.csv', [FilesController::class, 'points'])->name('files.points');
        Route::get('/files/plan.dxf', [FilesController::class, 'drawing'])->name('files.drawing');
        Route::get('/days/what-if', [DaysController::class, 'compare'])->name('days.compare');
        Route::get('/days.ics', [DaysController::class, 'calendar'])->name('days.ics');
        Route::post('/days/holidays', [DaysController::class, 'holidays'])->name('days.holidays');
        Route::post('/days', [DaysController::class, 'work'])->name('days.work');
        Route::get('/cut/fixings', [FrameController::class, 'fixings'])->name('cut.fixings');
        Route::post('/cut/fixings', [FrameController::class, 'hold'])->name('cut.fixings.decide');
        Route::get('/cut/boards', [FrameController::class, 'boards'])->name('cut.boards');
        Route::post('/cut/boards', [FrameController::class, 'sold'])->name('cut.boards.sold');
        Route::get('/cut/set-out/pole', [PaperController::class, 'members'])->name('cut.set-out.pole');
        Route::get('/cut/pole', [PaperController::class, 'pole'])->name('cut.pole');

        Route::get('/handover', [HandoverController::class, 'show'])->name('handover');
        Route::post('/files/drawing', [DrawingController::class, 'read'])->name('files.drawing.read');
        Route::get('/files/drawing/{token}', [DrawingController::class, 'show'])->where('token', '[0-9a-f]{32}')->name('files.drawn');
        Route::post('/files/drawing/keep', [DrawingController::class, 'keep'])->name('files.drawing.keep');
        Route::post('/files/drawing/out', [DrawingController::class, 'takeOut'])->name('files.drawing.out');
        Route::get('/files/packet.pdf', [PaperController::class, 'packet'])->name('files.packet');
        Route::get('/handover/record.pdf', [PaperController::class, 'asBuilt'])->name('handover.pdf');

        Route::get('/logbook', [LogbookController::class, 'show'])->name('logbook');
    });
});
