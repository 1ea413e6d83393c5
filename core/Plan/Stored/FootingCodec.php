<?php

declare(strict_types=1);

namespace Aequus\Plan\Stored;

use Aequus\Measure\Length;
use Aequus\Measure\Stored;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Footing\Firmer;
use Aequus\Plan\Footing\FootingRules;
use Aequus\Plan\Footing\HoleShape;
use Aequus\Plan\Footing\LeastDepths;
use Aequus\Plan\Footing\LeastEmbedment;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Holding\CureDatum;
use Aequus\Plan\Holding\Custom;
use Aequus\Plan\Holding\Customs;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Holding;
use Aequus\Plan\Holding\HoldingSite;
use Aequus\Plan\Holding\PierRules;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\PostRole;

/** Holes, rules of depth and ways to hold, as stored within a plan. */
final class FootingCodec
{
    /** @return array{width: int, square: bool, bell: ?array{int, int}} */
    public static function encodeShape(HoleShape $hole): array
    {
        return [
            'width' => $hole->width->nanometres, 'square' => $hole->isSquare,
            'bell' => $hole->bellWidth === null || $hole->bellHeight === null ? null : [$hole->bellWidth->nanometres, $hole->bellHeight->nanometres],
        ];
    }

    public static function decodeShape(Stored $stored): HoleShape
    {
        $bell = $stored->inOrNone('bell');

        return match (true) {
            $stored->isSo('square') => HoleShape::square($stored->length('width')),
            $bell !== null => HoleShape::bell($stored->length('width'), $bell->length(0), $bell->length(1)),
            default => HoleShape::round($stored->length('width')),
        };
    }

    /** @return array<string, mixed> */
    public static function encode(FootingRules $rules): array
    {
        return [
            'frost' => $rules->frost->nanometres,
            'margin' => $rules->margin->nanometres,
            'embedment' => $rules->embedment->length?->nanometres,
            'share' => $rules->embedment->share,
            'pad' => $rules->pad->nanometres,
            'gravel' => $rules->gravel->nanometres,
            'least_gravel' => $rules->leastGravel->nanometres,
            'mode' => $rules->mode->value,
            'finished_grade' => $rules->finishedGrade?->nanometres,
            'fill_before_first_frost' => $rules->fillBeforeFirstFrost,
            'asked_plane' => $rules->askedPlane?->nanometres,
            'least' => array_map(fn (?Length $length) => $length?->nanometres, [
                'today' => $rules->least->today, 'local' => $rules->least->local, 'maker' => $rules->least->maker,
                'sideways' => $rules->least->sideways, 'for_role' => $rules->least->forRole,
            ]),
            'roles' => $rules->roles->map(fn (PostRole $role) => $role->value)->stored(),
            'firmer' => $rules->firmer->value,
        ];
    }

    public static function decode(Stored $stored): FootingRules
    {
        $least = $stored->inOrNone('least') ?? new Stored([]);

        return new FootingRules(
            $stored->length('frost'), $stored->length('margin'),
            $stored->has('share') ? LeastEmbedment::share($stored->real('share')) : LeastEmbedment::length($stored->length('embedment')),
            $stored->length('pad'), $stored->length('gravel'), $stored->length('least_gravel'), $stored->case('mode', DepthMode::class),
            $stored->lengthOrNone('finished_grade'), $stored->isSo('fill_before_first_frost'), $stored->lengthOrNone('asked_plane'),
            new LeastDepths(
                $least->lengthOrNone('today'), $least->lengthOrNone('local'), $least->lengthOrNone('maker'), $least->lengthOrNone('sideways'),
                $least->lengthOrNone('for_role'),
            ),
            ByPost::fromStored($stored->texts('roles'))->map(PostRole::from(...)), $stored->case('firmer', Firmer::class, Firmer::CornersAndNamed),
        );
    }

    /** @return array<string, mixed> */
    public static function encodeHolding(Holding $holding): array
    {
        $site = $holding->site;

        return [
            'of_job' => $holding->ofJob->value,
            'of_posts' => $holding->ofPosts->map(fn (Hold $hold) => $hold->value)->stored(),
            'site' => [
                'soil' => $site->soil->value, 'water' => $site->water, 'roof' => $site->roof, 'wood' => $site->wood, 'no_brace' => $site->noBrace,
                'repair' => $site->repair,
                'carried' => $site->carried, 'banned' => array_map(
                    fn (Hold $hold) => $hold->value, $site->banned,
                ), 'hold_down' => $site->holdDown, 'floor' => $site->floor,
            ],
            'pier' => array_map(
                fn (Length $length) => $length->nanometres,
                [
                    'tube' => $holding->pier->tube, 'standoff' => $holding->pier->standoff, 'base' => $holding->pier->base,
                    'edge' => $holding->pier->edge,
                ],
            ),
            'pier_top' => $holding->pier->top?->nanometres,
            'tubes_sold' => FrameCodec::encodeStocks($holding->pier->stocks),
            'tubes_whole' => $holding->pier->standWhole,
            'collar' => $holding->collar->nanometres,
            'customs' => array_map(fn (Custom $custom) => $custom->value, $holding->customs->all()),
            'cure_datum' => $holding->customs->cureDatum->celsius,
        ];
    }

    public static function decodeHolding(Stored $stored): Holding
    {
        [$site, $pier] = [$stored->in('site'), $stored->in('pier')];

        return new Holding(
            $stored->case('of_job', Hold::class),
            new HoldingSite(
                $site->case('soil', Soil::class), $site->isSo('water'), $site->isSo('roof'), $site->isSo('wood'), $site->isSo('no_brace'),
                $site->isSo('repair'), $site->isSo('carried'),
                array_map(Hold::from(...), array_values($site->texts('banned'))), $site->isSo('hold_down'), $site->isSo('floor'),
            ),
            new PierRules(
                $pier->length('tube'), $pier->length('standoff'), $pier->length('base'), $pier->length('edge'), $stored->lengthOrNone('pier_top'),
                FrameCodec::decodeStocks($stored, 'tubes_sold'),
                $stored->isSo('tubes_whole'),
            ),
            $stored->length('collar'), ByPost::fromStored($stored->texts('of_posts'))->map(Hold::from(...)),
            Customs::of($stored->texts('customs'), new CureDatum($stored->realOrNone('cure_datum') ?? 0.0)),
        );
    }
}
