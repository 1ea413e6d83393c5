<?php

declare(strict_types=1);

namespace Aequus\Plan\Stored;

use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Measure\Slope;
use Aequus\Measure\Unit;
use Aequus\Plan\Grid\Grid;
use Aequus\Plan\Grid\GridLine;
use Aequus\Plan\Grid\GridLines;
use Aequus\Plan\JobKind;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Posts\Section;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Terms\SideNames;
use Aequus\Plan\ToleranceClass;
use Aequus\Plan\Tolerances;
use Aequus\Plan\Tops\TopRules;
use Aequus\Plan\Tops\TopStack;
use UnexpectedValueException;

/** A plan as it is stored and read again: lengths in whole nanometres, one version number for the whole. */
final class PlanCodec
{
    /** 2: how the layout is proved, and what it must leave room for. 3: shape of the holes, roles of posts, how they are held. */
    public const VERSION = 3;

    /** @return array<string, mixed> ready for JSON */
    public static function encode(Plan $plan): array
    {
        return [
            'version' => self::VERSION,
            'kind' => $plan->kind->value,
            'unit' => $plan->notation->unit->value,
            'denominator' => $plan->notation->denominator,
            'decimals' => $plan->notation->decimals,
            'sides' => [$plan->sides->minusY, $plan->sides->plusY, $plan->sides->minusX, $plan->sides->plusX],
            'tolerance' => $plan->tolerances->class->value,
            'squareness' => $plan->tolerances->squareness->nanometres,
            'plumb_one_in' => $plan->tolerances->plumbOneIn,
            'post' => ['b' => $plan->post->b->nanometres, 'd' => $plan->post->d->nanometres, 'round' => $plan->post->round],
            'hole' => FootingCodec::encodeShape($plan->hole),
            'standing' => $plan->standing->nanometres,
            'origin' => [$plan->origin->x->nanometres, $plan->origin->y->nanometres],
            'columns' => self::encodeLines($plan->grid->columns),
            'rows' => self::encodeLines($plan->grid->rows),
            'left_out' => array_map(fn (PostId $id) => $id->value, $plan->grid->leftOut),
            'footing' => $plan->footing === null ? null : FootingCodec::encode($plan->footing),
            'tops' => $plan->tops === null ? null : self::encodeTops($plan->tops),
            'layout' => $plan->decidedLayout === null ? null : LayoutCodec::encode($plan->decidedLayout),
            'fit' => LayoutCodec::encodeFit($plan->fit),
            'holding' => $plan->holding === null ? null : FootingCodec::encodeHolding($plan->holding),
        ];
    }

    /**
     * @param  array<string, mixed>  $stored
     *
     * @throws UnexpectedValueException when it was written by a newer version of this program
     */
    public static function decode(array $stored): Plan
    {
        if ($stored['version'] > self::VERSION) {
            throw new UnexpectedValueException("A plan of version {$stored['version']} can't be read by this version of the program.");
        }
        $post = $stored['post'];

        return new Plan(
            JobKind::from($stored['kind']),
            $stored['unit'] === Unit::Inch->value ? Notation::feetInches($stored['denominator']) : Notation::millimetres($stored['decimals']),
            new SideNames(...$stored['sides']),
            new Tolerances(ToleranceClass::from($stored['tolerance']), Length::nanometres($stored['squareness']), $stored['plumb_one_in']),
            $post['round'] ? Section::round(Length::nanometres($post['b'])) : Section::rectangle(Length::nanometres($post['b']), Length::nanometres($post['d'])),
            FootingCodec::decodeShape($stored['hole']),
            Length::nanometres($stored['standing']),
            new Grid(self::decodeLines($stored['columns']), self::decodeLines($stored['rows']), array_map(PostId::of(...), array_values($stored['left_out']))),
            $stored['footing'] === null ? null : FootingCodec::decode($stored['footing']),
            $stored['tops'] === null ? null : self::decodeTops($stored['tops']),
            ($stored['layout'] ?? null) === null ? null : LayoutCodec::decode($stored['layout']),
            LayoutCodec::decodeFit($stored['fit'] ?? ['things' => [], 'neighbours' => []]),
            ($stored['holding'] ?? null) === null ? null : FootingCodec::decodeHolding($stored['holding']),
            new Point(Length::nanometres($stored['origin'][0] ?? 0), Length::nanometres($stored['origin'][1] ?? 0)),
        );
    }

    /** @return array{next: int, lines: list<array{string, int}>, gone: list<array{string, string}>} */
    private static function encodeLines(GridLines $lines): array
    {
        return ['next' => $lines->next, 'lines' => array_map(fn (GridLine $line) => [$line->id, $line->at->nanometres], $lines->lines), 'gone' => array_map(fn (string|int $id, string $after) => [(string) $id, $after], array_keys($lines->gone), $lines->gone)];
    }

    /** @param  array{next: int, lines: non-empty-list<array{string, int}>, gone?: list<array{string, string}>}  $stored */
    private static function decodeLines(array $stored): GridLines
    {
        return GridLines::stored(array_map(fn (array $line) => new GridLine($line[0], Length::nanometres($line[1])), $stored['lines']), $stored['next'], array_column($stored['gone'] ?? [], 1, 0));
    }

    /** @return array<string, mixed> */
    private static function encodeTops(TopRules $tops): array
    {
        return [
            'height' => $tops->heightAtA1->nanometres,
            'along_x' => $tops->alongX->ratio,
            'along_y' => $tops->alongY->ratio,
            'datum_line' => $tops->datumLine->nanometres,
            'rows' => array_map(fn (Length $row) => $row->nanometres, $tops->rows),
            'under' => $tops->under === null ? null : [$tops->under->finished->nanometres, $tops->under->clearance->nanometres, array_map(fn (Length $layer) => $layer->nanometres, $tops->under->layers)],
        ];
    }

    /** @param  array<string, mixed>  $stored */
    private static function decodeTops(array $stored): TopRules
    {
        $under = $stored['under'] ?? null;

        return new TopRules(
            Length::nanometres((int) $stored['height']),
            Slope::ratio((float) $stored['along_x']),
            Slope::ratio((float) $stored['along_y']),
            Length::nanometres((int) $stored['datum_line']),
            array_map(Length::nanometres(...), $stored['rows'] ?? []),
            $under === null ? null : new TopStack(Length::nanometres($under[0]), Length::nanometres($under[1]), array_map(Length::nanometres(...), array_values($under[2]))),
        );
    }
}
