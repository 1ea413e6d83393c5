<?php

declare(strict_types=1);

namespace App\Exchange;

use Aequus\Logbook\Square\LineReading;
use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;
use Aequus\Measure\Vector;
use Aequus\Plan\Place\StationLine;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Point;
use Aequus\Site\PlanInWorld;

/**
 * A total station’s file of stakes as they stand: point, east, north in the order of the stake-out file, in metres or the feet of the job. Each line
 * is told: how far the stake stands off its place, or why the line is left out. Nothing is stored by it.
 */
final readonly class AsStaked
{
    /** A stake that stands further off than this is another point, or east and north are swapped, mm. */
    private const FAR = 5000.0;

    /** @var list<array{Post, Point, Vector}> the stake, where it stands on the plan, and how far that is off its place */
    public array $stakes;

    /** @var list<array{string, AsStakedLeft}> what a line said, and why it is left out */
    public array $left;

    /** @var list<string> posts of which no line is taken */
    public array $lacking;

    public function __construct(string $bytes, Plan $plan, PlanInWorld $world, string $order)
    {
        $far = $plan->notation->system()->far;
        [$one, $other] = $order === 'pnezd' ? [2, 1] : [1, 2];
        $stakes = $left = [];
        foreach ($lines = self::lines($bytes) as $cells) {
            $post = $plan->grid->findLabelled(trim($cells[0] ?? ''));
            [$east, $north] = [self::figure($cells[$one] ?? ''), self::figure($cells[$other] ?? '')];
            $at = $east === null || $north === null ? null : $world->fit?->toPlan(new Vector($east * $far, $north * $far));
            $off = $post === null || $at === null ? null : $at->minus($post->at->inMillimetres());
            $why = match (true) {
                $at === null => AsStakedLeft::NoFigures,
                $post === null => AsStakedLeft::NoSuchPost,
                isset($stakes[$post->label]) => AsStakedLeft::Twice,
                $off?->length() > self::FAR => AsStakedLeft::TooFar,
                default => null,
            };
            if ($why !== null || $post === null || $at === null || $off === null) {
                $left[] = [mb_substr(implode(', ', $cells), 0, 60), $why ?? AsStakedLeft::NoFigures];
            } else {
                $stakes[$post->label] = [$post, new Point(Length::millimetres(round($at->x, 3)), Length::millimetres(round($at->y, 3))), $off];
            }
        }
        if (count($lines) === Csv::MOST_LINES) {
            $left[] = ['…', AsStakedLeft::TooMany];
        }
        [$this->stakes, $this->left] = [array_values($stakes), $left];
        $this->lacking = array_values(array_diff(array_map(fn (Post $post) => $post->label, $plan->grid->posts), array_map(strval(...), array_keys($stakes))));
    }

    /** @return list<LineReading> two of each stake: off either axis of the plan */
    public function readings(TapeClass $class): array
    {
        return array_merge([], ...array_map(fn (array $one) => [
            new LineReading($one[0]->id, $one[1]->y, StationLine::ALONG_X, $class),
            new LineReading($one[0]->id, $one[1]->x->negated(), StationLine::ALONG_Y, $class),
        ], $this->stakes));
    }

    /** @return list<list<string>> cells between commas, semicolons, tabs or spaces */
    private static function lines(string $bytes): array
    {
        $lines = Csv::read($bytes);

        return array_map(
            fn (array $cells) => count($cells) > 1 ? $cells : (preg_split('/\s+/', trim($cells[0] ?? ''), flags: PREG_SPLIT_NO_EMPTY) ?: []), $lines,
        );
    }

    private static function figure(string $cell): ?float
    {
        $figure = str_replace(['−', ' ', "\u{A0}"], ['-', '', ''], trim($cell));
        $figure = str_contains($figure, '.') ? $figure : str_replace(',', '.', $figure);

        return is_numeric($figure) && abs((float) $figure) < 1e8 ? (float) $figure : null;
    }
}
