<?php

declare(strict_types=1);

namespace App\Paper;

use Aequus\Footing\Holes\HoleWork;
use Aequus\Footing\Materials\Bag;
use Aequus\Frame\Frames;
use Aequus\Handover\PostRecord;
use Aequus\Measure\Length;
use Aequus\Measure\Temperature;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Site\Caution;
use Aequus\Site\SiteState;
use Aequus\Site\Step;
use Aequus\Words\Frame\LayerWords;
use Aequus\Words\Names;
use Aequus\Words\Site\CautionWords;
use App\Bill\BillPage;
use App\Bill\BillRow;
use App\Models\Job;
use App\Round\RoundRow;
use App\Round\RoundSheet;
use App\Type\Say;

/**
 * Everything a job needs on paper, to write on where there is no signal; what is in the book already stands in its place. Numbers of lines are those
 * of the page that takes them.
 */
final readonly class Packet
{
    private const TICK = '☐';

    /** @var list<SheetTable> */
    public array $tables;

    private Plan $plan;

    /** @param  list<Sheet>  $sheets */
    public function __construct(private SiteState $site, private Job $job, public array $sheets)
    {
        $this->plan = $site->plan;
        $tables = array_values(array_filter(array_map($this->table(...), $sheets)));
        // In the whole packet a sheet on which nothing stands yet is paper for nothing; asked for alone it says why.
        $this->tables = count($sheets) < count(Sheet::cases()) ? $tables
            : array_values(array_filter($tables, fn (SheetTable $table) => $table->empty === ''));
    }

    /**
     * As asked for; all where nothing is.
     *
     * @param  callable(Sheet): bool  $is
     * @return list<Sheet>
     */
    public static function asked(callable $is): array
    {
        $sheets = array_values(array_filter(Sheet::cases(), $is));

        return $sheets === [] ? Sheet::cases() : $sheets;
    }

    public function hasCover(): bool
    {
        return in_array(Sheet::Cover, $this->sheets, true);
    }

    /** At the foot of each page, before its number. */
    public function foot(): string
    {
        return Say::text('packet.foot', job: $this->job->name, revision: $this->job->revision->number, day: $this->site->today);
    }

    /** @return list<string> how many, of what, how far */
    public function facts(): array
    {
        $grid = $this->plan->grid;

        return [
            Say::text('packet.posts', what: Names::of($this->plan->kind), count: count($grid->posts)),
            Say::text('packet.over', x: $this->write($grid->columns->length()), y: $this->write($grid->rows->length())),
        ];
    }

    private function table(Sheet $sheet): ?SheetTable
    {
        return match ($sheet) {
            Sheet::Cover => null,
            Sheet::Stakes, Sheet::Rods => $this->readings($sheet),
            Sheet::Dig => $this->dig(),
            Sheet::Pour => $this->pour(),
            Sheet::Plumb => $this->plumb(),
            Sheet::Cuts => $this->cuts(),
            Sheet::Pole => $this->pole(),
            Sheet::Pieces => $this->pieces(),
            Sheet::Bill => $this->bill(),
            Sheet::Cautions => $this->cautions(),
            Sheet::Permit => $this->permit(),
            Sheet::Record => $this->record(),
        };
    }

    /** @param  list<list<string>>  $rows */
    private function made(Sheet $sheet, string $columns, array $rows, string $empty = 'packet.nothing', int ...$big): SheetTable
    {
        $head = array_map(fn (string $column) => $column === '' ? '' : Say::text("packet.col_{$column}"), explode(' ', $columns));

        return new SheetTable(
            $sheet, Say::text("packet.how_{$sheet->value}"), $head, $rows, array_values($big), $rows === [] ? Say::text($empty) : '',
        );
    }

    private function readings(Sheet $sheet): SheetTable
    {
        $round = $sheet->round() ?? throw new \LogicException('Nothing is read on it.');
        $rows = array_map(fn (RoundRow $row, int $i) => [
            (string) ($i + 1), $row->label, ...($sheet === Sheet::Stakes ? [$this->write($row->planned)] : []), $this->write($row->read), '',
        ], $all = (new RoundSheet($round, $this->site))->rows, array_keys($all));

        return $this->made($sheet, $sheet === Sheet::Stakes ? 'no what plan reads by' : 'no where reads by', $rows, 'packet.nothing', 1);
    }

    private function dig(): SheetTable
    {
        $rows = [];
        foreach ((new RoundSheet(Sheet::Dig->round() ?? throw new \LogicException, $this->site))->rows as $i => $row) {
            $rows[] = [
                (string) ($i + 1), $row->label, $this->write($row->planned), $this->write($this->plan->hole->width), $this->write($row->read), '',
                self::TICK,
            ];
        }

        return $this->made(Sheet::Dig, 'no post depth width dug met clean', $rows, 'packet.no_depth', 1, 2);
    }

    private function pour(): SheetTable
    {
        $rows = [];
        $work = [];
        foreach ($this->site->footing->work($this->site->walk()) as $hole) {
            $work[$hole->of->label] = $hole;
        }
        foreach ($this->site->walk() as $i => $post) {
            $rows[] = [
                (string) ($i + 1), $post->label, Names::of($this->plan->holdOf($post->id)), $this->bags($work[$post->label] ?? null), self::TICK, '',
                '', '',
            ];
        }

        return $this->made(Sheet::Pour, 'no post held bags ready begun full degrees', $rows, 'packet.nothing', 1, 3);
    }

    private function bags(?HoleWork $hole): string
    {
        return $hole === null || $hole->concrete <= 0.0 ? '—' : (string) (int) ceil($hole->concrete / Bag::ofPlan($this->plan)->yield - 1e-9);
    }

    private function plumb(): SheetTable
    {
        $rows = [];
        foreach ($this->site->walk() as $i => $post) {
            $rows[] = [(string) ($i + 1), $post->label, '', '', '', '', self::TICK];
        }
        $sides = $this->plan->sides;
        $head = [Say::text('packet.col_no'), Say::text('packet.col_post')];
        foreach ([$sides->minusY, $sides->plusX] as $face) {
            $head = [...$head, Say::text('packet.col_face', face: $face), Say::text('packet.col_toward')];
        }

        return new SheetTable(
            Sheet::Plumb, Say::text('packet.how_plumb', level: $this->write($this->plan->notation->system()->spiritLevel)),
            [...$head, Say::text('packet.col_again')], $rows, [1],
        );
    }

    private function cuts(): SheetTable
    {
        $rows = [];
        foreach ($this->plan->tops === null ? [] : $this->site->walk() as $i => $post) {
            $isCut = $this->site->cut->isCut($post);
            $rows[] = [
                (string) ($i + 1), $post->label, $this->write($this->site->cut->mark($post)?->aboveDatumLine()),
                $isCut ? Say::text('page.cut_2') : '', '', $isCut ? '☑' : self::TICK,
            ];
        }

        return $this->made(Sheet::Cuts, 'no post mark above off sawn', $rows, 'packet.no_tops', 1, 2);
    }

    /** Heights of the marks over the line that is struck on all posts; in full size the pole is a sheet of its own. */
    private function pole(): SheetTable
    {
        $marks = [];
        foreach ($this->site->cut->marks as $mark) {
            $at = $this->plan->notation->round($mark->aboveDatumLine());
            $marks[$at->nanometres] = [$this->write($at), trim(($marks[$at->nanometres][1] ?? '').' '.$mark->post->label), self::TICK];
        }
        ksort($marks);

        return $this->made(Sheet::Pole, 'mark posts marked', array_values($marks), 'packet.no_tops', 0);
    }

    /** Every length that the frame takes, layer by layer. */
    private function pieces(): SheetTable
    {
        $counts = [];
        foreach (Frames::decided($this->plan, $this->site->log)->pieces as $piece) {
            $key = $piece->layer->kind->value.' '.$piece->length->nanometres;
            $counts[$key] = [
                LayerWords::all($piece->layer->kind), $this->write($piece->length), (string) ((int) ($counts[$key][2] ?? 0) + 1), self::TICK,
            ];
        }

        return $this->made(Sheet::Pieces, 'layer long many sawn', array_values($counts), 'packet.no_frame', 1);
    }

    /** Plan against what was measured, as the record has it. */
    private function record(): SheetTable
    {
        $rows = array_map(fn (PostRecord $record) => [
            $record->post->label, $this->write($record->depthRequired), $this->write($record->depthDug), $this->write($record->outOfPlumb),
            $record->cut ? Say::text('page.cut_2') : '', implode(', ', $record->by),
        ], $this->site->handover()->records);

        return $this->made(Sheet::Record, 'post depth dug out sawn by', $rows, 'packet.nothing', 0);
    }

    private function bill(): SheetTable
    {
        $rows = array_map(
            fn (BillRow $row) => [(string) $row->name, $row->needed, $row->buy, $row->money, self::TICK], (new BillPage($this->site))->rows,
        );

        return $this->made(Sheet::Bill, 'goods needed buy money there', array_values($rows));
    }

    /** Of every step of this job, each once. */
    private function cautions(): SheetTable
    {
        $all = [];
        foreach (Step::cases() as $step) {
            foreach (Caution::at($step, $this->plan) as $caution) {
                $all[$caution->value] = [CautionWords::line($caution), CautionWords::more($caution)];
            }
        }

        return $this->made(Sheet::Cautions, 'caution why', array_values($all));
    }

    /** What an office asks, as far as the plan knows it. */
    private function permit(): SheetTable
    {
        $plan = $this->plan;
        $deepest = null;
        foreach ($plan->grid->posts as $post) {
            $depth = $this->site->footing->required($post)?->holeDepth();
            $deepest = $depth !== null && ($deepest === null || $depth->isLongerThan($deepest)) ? $depth : $deepest;
        }
        $line = fn (string $key, string $says): array => [Say::text("packet.permit_{$key}"), $says];
        $rows = [
            $line('where', $this->job->place), $line('what', Names::of($plan->kind)), $line('over', implode('. ', $this->facts())),
            $line('post', $this->write($plan->post->d).' × '.$this->write($plan->post->b)),
            $line('held', implode(', ', array_unique(array_map(fn (Post $post) => Names::of($plan->holdOf($post->id)), $plan->grid->posts)))),
            $line('hole', $this->write($plan->hole->width)), $line('frost', $this->write($plan->footing?->frost)),
            $line('depth', $this->write($deepest)),
            $line('top', $plan->tops === null ? '' : $this->write($plan->tops->topOf($plan->grid->posts[0]))),
            $line('pour', Temperature::celsius($plan->hands->holds->pour ?? 5.0)->write($plan->notation->unit)),
            ...array_map(fn (string $key) => $line($key, ''), ['parcel', 'owner', 'builder', 'setback', 'load', 'number', 'signed']),
        ];

        return $this->made(Sheet::Permit, 'asked says', $rows);
    }

    private function write(?Length $length): string
    {
        return $length === null ? '' : $this->plan->write($length);
    }
}
