<?php

declare(strict_types=1);

namespace Aequus\Plan\Stored;

use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Measure\Slope;
use Aequus\Measure\Stored;
use Aequus\Measure\Unit;
use Aequus\Plan\Answers;
use Aequus\Plan\Footing\HoleShape;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Grid\Grid;
use Aequus\Plan\Grid\GridLine;
use Aequus\Plan\Grid\GridLines;
use Aequus\Plan\JobKind;
use Aequus\Plan\Place\Surroundings;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Posts\Section;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Terms\SideNames;
use Aequus\Plan\ToleranceClass;
use Aequus\Plan\Tolerances;
use Aequus\Plan\Tops\TopRules;
use Aequus\Plan\Tops\TopStack;
use Aequus\Plan\Work\Crew;
use Aequus\Plan\Work\Lasting;
use Aequus\Plan\Work\Make;
use Aequus\Plan\Work\Pricing;
use Aequus\Plan\Work\Timber;
use Aequus\Plan\Work\Work;
use UnexpectedValueException;

/** A plan as it is stored and read again: lengths in whole nanometres, one version number for the whole. */
final class PlanCodec
{
    /**
     * 2: how the layout is proved, and what it must leave room for. 3: shape of the holes, roles of posts, how they are held. 4: what was
     * answered to begin with, further parts, and the site. 5: tolerances along a row and of parts, their gates and the names of their sides,
     * heavier posts, braces, surroundings, prices, the frame on the posts, and what is asked of the work.
     */
    public const VERSION = 5;

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
            ...($plan->tolerances->along === null ? [] : ['along' => $plan->tolerances->along->nanometres]),
            'post' => self::encodeSection($plan->post),
            'hole' => FootingCodec::encodeShape($plan->hole),
            'standing' => $plan->standing->nanometres,
            'origin' => $plan->origin->stored(),
            'columns' => self::encodeLines($plan->grid->columns),
            'rows' => self::encodeLines($plan->grid->rows),
            'left_out' => array_map(fn (PostId $id) => $id->value, $plan->grid->leftOut),
            'footing' => $plan->footing === null ? null : FootingCodec::encode($plan->footing),
            'tops' => $plan->tops === null ? null : self::encodeTops($plan->tops),
            'layout' => $plan->decidedLayout === null ? null : LayoutCodec::encode($plan->decidedLayout),
            'fit' => LayoutCodec::encodeFit($plan->fit),
            'holding' => $plan->holding === null ? null : FootingCodec::encodeHolding($plan->holding),
            ...($plan->parts === [] ? [] : ['parts' => array_map(PartCodec::encode(...), $plan->parts)]),
            ...($plan->site === [] ? [] : ['site' => array_map(PartCodec::encodeObject(...), $plan->site)]),
            ...($plan->around == new Surroundings ? [] : [
                'around' => [$plan->around->north, $plan->around->sun, $plan->around->wind, $plan->around->water],
            ]),
            ...($plan->prices === [] ? [] : ['prices' => array_map(
                fn (string $id, Pricing $said) => [
                    $id, $said->pack, $said->waste, $said->onSite, $said->price, ...($said->mass === null ? [] : [$said->mass]),
                ],
                array_map(strval(...), array_keys($plan->prices)), $plan->prices,
            )]),
            ...($plan->frame === null ? [] : ['frame' => FrameCodec::encode($plan->frame)]),
            ...($plan->hands === null ? [] : ['hands' => HandsCodec::encode($plan->hands)]),
            ...($plan->world === null ? [] : ['world' => LayoutCodec::encodeWorld($plan->world)]),
            ...($plan->neededOn === [] ? [] : ['needed_on' => $plan->neededOn]),
            ...($plan->partFrames === [] ? [] : ['part_frames' => array_map(
                fn (string $part, FrameRules $frame) => ['part' => $part] + FrameCodec::encode($frame), array_keys($plan->partFrames),
                $plan->partFrames,
            )]),
            ...($plan->braces === [] ? [] : ['braces' => array_map(PartCodec::encodeBrace(...), $plan->braces)]),
            ...($plan->heavy === null ? [] : ['heavy' => self::encodeSection($plan->heavy)]),
            ...($plan->work == new Work ? [] : ['work' => [
                'crew' => $plan->work->crew->value, 'lasting' => $plan->work->lasting->value, 'timber' => $plan->work->timber->value,
                'make' => $plan->work->make->value,
            ]]),
            ...($plan->answers === null ? [] : ['answers' => $plan->answers->of, 'own_depth' => $plan->ownDepth?->nanometres]),
        ];
    }

    /**
     * @param  array<string, mixed>  $stored
     *
     * @throws UnexpectedValueException when it was written by a newer version of this program
     */
    public static function decode(array $stored): Plan
    {
        $plan = new Stored($stored);
        if ($plan->whole('version') > self::VERSION) {
            throw new UnexpectedValueException("A plan of version {$plan->whole('version')} can't be read by this version of the program.");
        }
        [$post, $sides] = [$plan->in('post'), $plan->in('sides')];
        $part = fn (string $name): ?Stored => $plan->inOrNone($name);

        return new Plan(
            $plan->case('kind', JobKind::class),
            Notation::kept($plan->case('unit', Unit::class), $plan->whole('denominator', 1), $plan->whole('decimals', 0)),
            new SideNames($sides->text(0), $sides->text(1), $sides->text(2), $sides->text(3)),
            new Tolerances(
                $plan->case('tolerance', ToleranceClass::class), $plan->length('squareness'), $plan->whole('plumb_one_in'),
                $plan->lengthOrNone('along'),
            ),
            self::decodeSection($post),
            // A bare diameter until version 2.
            $part('hole') === null ? HoleShape::round($plan->length('hole')) : FootingCodec::decodeShape($plan->in('hole')),
            $plan->length('standing'),
            new Grid(
                self::decodeLines($plan->in('columns')), self::decodeLines($plan->in('rows')),
                array_map(PostId::of(...), array_values($plan->texts('left_out'))),
            ),
            $part('footing') === null ? null : FootingCodec::decode($plan->in('footing')),
            $part('tops') === null ? null : self::decodeTops($plan->in('tops')),
            $part('layout') === null ? null : LayoutCodec::decode($plan->in('layout')),
            LayoutCodec::decodeFit($part('fit') ?? new Stored([])),
            $part('holding') === null ? null : FootingCodec::decodeHolding($plan->in('holding')),
            Point::fromStored($part('origin') ?? new Stored([])),
            $part('answers') === null ? null : new Answers($plan->texts('answers')), $plan->lengthOrNone('own_depth'),
            array_map(PartCodec::decode(...), $plan->each('parts')), array_map(PartCodec::decodeObject(...), $plan->each('site')),
            $part('heavy') === null ? null : self::decodeSection($plan->in('heavy')),
            $part('work') === null ? new Work : new Work(
                $plan->in('work')->case('crew', Crew::class), $plan->in('work')->case('lasting', Lasting::class),
                $plan->in('work')->case('timber', Timber::class), $plan->in('work')->case('make', Make::class),
            ), array_map(PartCodec::decodeBrace(...), $plan->each('braces')),
            $part('around') === null ? new Surroundings : new Surroundings(...array_map($plan->in('around')->wholeOrNone(...), [0, 1, 2, 3])),
            self::decodePrices($plan->each('prices')), $part('frame') === null ? null : FrameCodec::decode($plan->in('frame')),
            self::decodePartFrames($plan->each('part_frames')), $plan->texts('needed_on'),
            $part('hands') === null ? null : HandsCodec::decode($plan->in('hands')),
            $part('world') === null ? null : LayoutCodec::decodeWorld($plan->in('world')),
        );
    }

    /**
     * @param  list<Stored>  $stored
     * @return array<string, Pricing>
     */
    private static function decodePrices(array $stored): array
    {
        $prices = [];
        foreach ($stored as $said) {
            $prices[$said->text(0)] = new Pricing($said->real(1), $said->real(2), $said->real(3), $said->wholeOrNone(4), $said->realOrNone(5));
        }

        return $prices;
    }

    /**
     * @param  list<Stored>  $stored
     * @return array<string, FrameRules>
     */
    private static function decodePartFrames(array $stored): array
    {
        return array_combine(array_map(fn (Stored $frame) => $frame->text('part'), $stored), array_map(FrameCodec::decode(...), $stored));
    }

    /** @return array{b: int, d: int, round: bool} */
    private static function encodeSection(Section $post): array
    {
        return ['b' => $post->b->nanometres, 'd' => $post->d->nanometres, 'round' => $post->round];
    }

    private static function decodeSection(Stored $post): Section
    {
        return $post->isSo('round') ? Section::round($post->length('b')) : Section::rectangle($post->length('b'), $post->length('d'));
    }

    /** @return array{next: int, lines: list<array{string, int}>, gone: list<array{string, string}>} */
    private static function encodeLines(GridLines $lines): array
    {
        return [
            'next' => $lines->next, 'lines' => array_map(fn (GridLine $line) => [$line->id, $line->at->nanometres], $lines->lines),
            'gone' => array_map(fn (string|int $id, string $after) => [(string) $id, $after], array_keys($lines->gone), $lines->gone),
        ];
    }

    private static function decodeLines(Stored $stored): GridLines
    {
        $gone = [];
        foreach ($stored->each('gone') as $line) {
            $gone[$line->text(0)] = $line->text(1);
        }

        return GridLines::stored(
            array_map(fn (Stored $line) => new GridLine($line->text(0), $line->length(1)), $stored->each('lines'))
                ?: throw new UnexpectedValueException('A grid has no line.'),
            $stored->whole('next'), $gone,
        );
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
            'under' => $tops->under === null ? null : [
                $tops->under->finished->nanometres, $tops->under->clearance->nanometres,
                array_map(fn (Length $layer) => $layer->nanometres, $tops->under->layers),
            ],
        ];
    }

    private static function decodeTops(Stored $stored): TopRules
    {
        $under = $stored->inOrNone('under');

        return new TopRules(
            $stored->length('height'), Slope::ratio($stored->real('along_x')), Slope::ratio($stored->real('along_y')), $stored->length('datum_line'),
            $stored->lengths('rows'),
            $under === null ? null : new TopStack($under->length(0), $under->length(1), array_values($under->lengths(2))),
        );
    }
}
