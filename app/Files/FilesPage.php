<?php

declare(strict_types=1);

namespace App\Files;

use App\Models\Job;
use App\Type\Say;

/** What can be taken out of a job: what each file is for, what it opens with, and where it is. */
final readonly class FilesPage
{
    public function __construct(private Job $job)
    {
    }

    /** @return list<array{string, string, string, string}> name, what it is for, what it opens with, and its address */
    public function files(): array
    {
        $pdf = Say::text('files.with_pdf');
        $table = Say::text('files.with_table');

        return [
            [Say::text('files.whole'), Say::text('files.whole_for'), Say::text('files.whole_with'), route('files.whole', $this->job)],
            [Say::text('files.site_plan'), Say::text('files.site_plan_for'), $pdf, route('plan.site.pdf', $this->job)],
            [Say::text('files.drawing'), Say::text('files.drawing_for'), Say::text('files.drawing_with'), route('files.drawing', $this->job)],
            [Say::text('files.points'), Say::text('files.points_for'), Say::text('files.points_with'), route('files.points', $this->job)],
            [Say::text('files.world'), Say::text('files.world_for'), Say::text('files.world_with'), route('files.world', $this->job)],
            [Say::text('files.days'), Say::text('files.days_for'), Say::text('files.days_with'), route('days.ics', $this->job)],
            [Say::text('files.bill'), Say::text('files.bill_for'), $table, route('footing.bill.csv', $this->job)],
            [Say::text('files.lists'), Say::text('files.lists_for'), $pdf, route('footing.bill.lists.pdf', $this->job)],
            [Say::text('files.frame'), Say::text('files.frame_for'), $pdf, route('cut.members.pdf', $this->job)],
            [Say::text('files.record'), Say::text('files.record_for'), $pdf, route('handover.pdf', $this->job)],
        ];
    }
}
