<?php

declare(strict_types=1);

namespace App\Files;

use App\Models\Job;
use App\Paper\Paper;
use App\Paper\Sheet;
use App\Round\RoundKind;
use App\Type\Say;

/** What can be taken out of a job: what each file is for, what it opens with, and where it is. */
final readonly class FilesPage
{
    public function __construct(private Job $job)
    {
    }

    /** @return list<array{string, string, string, list<array{string, string}>}> name, what it is for, what it opens with, and what to press with its address */
    public function files(): array
    {
        $pdf = Say::text('files.with_pdf');
        $take = fn (string $route): array => [[Say::text('files.take'), route($route, $this->job)]];
        $print = fn (string $route): array => array_map(
            fn (Paper $paper) => [self::on($paper), route($route, [$this->job, 'paper' => $paper->value])], $this->papers(),
        );
        $table = Say::text('files.with_table');

        return [
            [Say::text('files.whole'), Say::text('files.whole_for'), Say::text('files.whole_with'), $take('files.whole')],
            [Say::text('packet.title'), Say::text('files.packet_for'), $pdf, $print('files.packet')],
            [Say::text('files.site_plan'), Say::text('files.site_plan_for'), $pdf, $print('plan.site.pdf')],
            [Say::text('files.drawing'), Say::text('files.drawing_for'), Say::text('files.drawing_with'), $take('files.drawing')],
            [Say::text('files.points'), Say::text('files.points_for'), Say::text('files.points_with'), $take('files.points')],
            [Say::text('files.world'), Say::text('files.world_for'), Say::text('files.world_with'), $take('files.world')],
            [Say::text('files.days'), Say::text('files.days_for'), Say::text('files.days_with'), $take('days.ics')],
            [Say::text('files.bill'), Say::text('files.bill_for'), $table, $take('footing.bill.csv')],
            [Say::text('files.lists'), Say::text('files.lists_for'), $pdf, $print('footing.bill.lists.pdf')],
            [Say::text('files.frame'), Say::text('files.frame_for'), $pdf, $print('cut.members.pdf')],
            // A pole has marks once it is decided where the tops shall be.
            ...($this->job->revision->plan()->tops === null ? [] : [
                [Say::text('files.pole'), Say::text('files.pole_for'), $pdf, $print('cut.pole')],
            ]),
            [Say::text('files.record'), Say::text('files.record_for'), $pdf, $print('handover.pdf')],
        ];
    }

    /** @return array<string, string> single sheets of the packet, by what is sent */
    public function sheets(): array
    {
        return array_combine(array_column(Sheet::cases(), 'value'), array_map(fn (Sheet $sheet) => $sheet->inWords(), Sheet::cases()));
    }

    /** @return array<string, string> pages that take what was written on a sheet, by what they read */
    public function rounds(): array
    {
        return array_combine(array_column(RoundKind::cases(), 'value'), array_map(fn (RoundKind $kind) => $kind->inWords(), RoundKind::cases()));
    }

    /** @return list<Paper> the usual first */
    public function papers(): array
    {
        return Paper::usualFirst($this->job->revision->plan()->notation->unit);
    }

    public static function on(Paper $paper): string
    {
        return Say::text("files.on_{$paper->value}");
    }
}
