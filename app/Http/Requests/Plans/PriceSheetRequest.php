<?php

declare(strict_types=1);

namespace App\Http\Requests\Plans;

use Aequus\Plan\Plan;
use Aequus\Site\SiteState;
use App\Bill\BillCsv;
use App\Bill\BillPage;
use App\Type\Say;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;

/** Prices, packs, waste and what lies on the site, out of a spreadsheet’s file. */
final class PriceSheetRequest extends PlanChangeRequest
{
    private const MOST_BYTES = 1_000_000;

    /** Faults that are told; more are the same mistake again. */
    private const MOST_TOLD = 5;

    /**
     * All of it, or nothing.
     *
     * @throws ValidationException with what was not understood
     */
    public function plan(SiteState $site): Plan
    {
        $file = $this->file('sheet');
        if (! $file instanceof UploadedFile || ! $file->isValid() || $file->getSize() > self::MOST_BYTES) {
            $this->refuse('sheet', Say::text('bill.csv_no_file'));
            $this->stopIfRefused();
        }
        assert($file instanceof UploadedFile);
        [$said, $faults] = BillCsv::read((string) file_get_contents($file->getRealPath()), new BillPage($site));
        if ($faults !== [] || $said === []) {
            $this->refuse('sheet', implode(' ', array_slice($faults, 0, self::MOST_TOLD)) ?: Say::text('bill.csv_empty'));
        }
        $this->stopIfRefused();

        return $site->plan->priced([...$site->plan->prices, ...$said]);
    }
}
