<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aequus\Site\Phase;
use App\Actions\RevisePlan;
use App\Bill\BillCsv;
use App\Bill\BillPage;
use App\Http\Requests\Plans\PricesRequest;
use App\Models\Job;
use App\Type\Say;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** What the job takes and what that costs. */
final class BillController extends Controller
{
    public function show(Job $job): View
    {
        $site = $this->site($job);

        return $this->page('bill.show', $site, ['page' => new BillPage($site->state), 'phase' => Phase::Footing]);
    }

    /** The same for a spreadsheet. */
    public function csv(Job $job): Response
    {
        return response(BillCsv::of(new BillPage($this->site($job)->state)), headers: [
            'Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="bill-'.Str::slug($job->name).'.csv"',
        ]);
    }

    /** Prices, packs, waste and what lies on the site. */
    public function price(PricesRequest $request, Job $job, RevisePlan $revise): RedirectResponse
    {
        $revise($job, $this->user($request), $request->plan($this->site($job)->state), Say::text('bill.prices'), $request->integer('based_on'));

        return redirect()->route('footing.bill', $job)->with('said', Say::text('bill.kept'));
    }
}
