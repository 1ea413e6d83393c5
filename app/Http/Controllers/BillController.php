<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aequus\Bill\Goods;
use Aequus\Bill\JobNeeds;
use Aequus\Plan\Work\Pricing;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;
use App\Actions\RevisePlan;
use App\Bill\BillCsv;
use App\Bill\BillPage;
use App\Bill\ChoicesPage;
use App\Bill\ListsPage;
use App\Files\Download;
use App\Footing\Materials;
use App\Http\Requests\Plans\NeededOnRequest;
use App\Http\Requests\Plans\PriceSheetRequest;
use App\Http\Requests\Plans\PricesRequest;
use App\Models\Job;
use App\Paper\Paper;
use App\Paper\Pdf;
use App\Type\Say;
use App\World\Supplier;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** What the job takes and what that costs. */
final class BillController extends Controller
{
    public function show(Request $request, Job $job): View
    {
        $site = $this->site($job);

        return $this->page('bill.show', $site, [
            'page' => new BillPage($site->state), 'materials' => new Materials($this->sums($request, $job), $site->state), 'phase' => Phase::Footing,
        ]);
    }

    /** What holes take stood on a page of its own once. */
    public function moved(Job $job): RedirectResponse
    {
        return redirect()->route('footing.bill', $job)->withFragment('holes');
    }

    /** Lists to take along. */
    public function lists(Request $request, Job $job): View
    {
        $site = $this->site($job);

        return $this->page('bill.lists', $site, ['page' => $this->listed($request, $site->state), 'phase' => Phase::Footing]);
    }

    /** The same on paper. */
    public function printedLists(Request $request, Job $job): Response
    {
        $site = $this->site($job);
        $lists = $this->listed($request, $site->state);

        return Pdf::of(
            $site, view('paper.lists', ['page' => $lists, 'job' => $job]), Paper::asked($request, $job->revision->plan()->notation->unit),
            'lists-'.Str::slug($job->name),
        );
    }

    /** The same for a spreadsheet: each line with the list it is on. */
    public function listsCsv(Request $request, Job $job): Response
    {
        $site = $this->site($job);

        return Download::of($site, BillCsv::lists($this->listed($request, $site->state)), 'text/csv; charset=utf-8', 'csv', 'lists');
    }

    /** By which day the goods for each work must be there. */
    public function need(NeededOnRequest $request, Job $job, RevisePlan $revise): RedirectResponse
    {
        $plan = $job->revision->plan();
        $revise($job, $this->user($request), $plan->needing($request->days()), Say::text('bill.needed_reason'), $request->integer('based_on'));

        return redirect()->route('footing.bill.lists', ['job' => $job, 'by' => 'day'])->with('said', Say::text('bill.kept'));
    }

    private function listed(Request $request, SiteState $site): ListsPage
    {
        return new ListsPage(new BillPage($site), $site, ListsPage::way($request->string('by')->value()));
    }

    /** What another way would cost. */
    public function choices(Job $job): View
    {
        $site = $this->site($job);

        return $this->page('bill.choices', $site, ['page' => new ChoicesPage($site->state), 'phase' => Phase::Footing]);
    }

    /** The same for a spreadsheet. */
    public function csv(Job $job): Response
    {
        $site = $this->site($job);

        return Download::of($site, BillCsv::of(new BillPage($site->state)), 'text/csv; charset=utf-8', 'csv', 'bill');
    }

    /** What the yard asks for goods that nobody priced; a price that was said stays. */
    public function ask(Request $request, Job $job, RevisePlan $revise, Supplier $supplier): RedirectResponse
    {
        $plan = $job->revision->plan();
        $open = array_values(array_filter((new JobNeeds($this->site($job)->state))->goods, fn (Goods $goods) => $goods->price === null));
        $quotes = $supplier->quotes(array_map(fn (Goods $goods) => $goods->name, $open), $plan->notation->unit);
        $prices = $plan->prices;
        foreach ($open as $goods) {
            $quote = $quotes[$goods->name] ?? null;
            $prices = $quote === null ? $prices : [
                ...$prices,
                $goods->name => new Pricing($quote->pack, $goods->waste, $goods->onSite, $quote->price, ($prices[$goods->name] ?? null)?->mass),
            ];
        }
        if ($quotes === []) {
            return redirect()->route('footing.bill', $job)->with('said', Say::text('bill.yard_sells_none'));
        }
        $revise($job, $this->user($request), $plan->priced($prices), Say::text('bill.yard_reason'), $request->integer('based_on'));

        return redirect()->route('footing.bill', $job)->with('said', Say::text('bill.yard_said', count: count($quotes), of: count($open)));
    }

    /** Prices out of a spreadsheet’s file. */
    public function read(PriceSheetRequest $request, Job $job, RevisePlan $revise): RedirectResponse
    {
        $revise($job, $this->user($request), $request->plan($this->site($job)->state), Say::text('bill.csv_reason'), $request->integer('based_on'));

        return redirect()->route('footing.bill', $job)->with('said', Say::text('bill.kept'));
    }

    /** Prices, packs, waste and what lies on the site. */
    public function price(PricesRequest $request, Job $job, RevisePlan $revise): RedirectResponse
    {
        $revise($job, $this->user($request), $request->plan($this->site($job)->state), Say::text('bill.prices'), $request->integer('based_on'));

        return redirect()->route('footing.bill', $job)->with('said', Say::text('bill.kept'));
    }
}
