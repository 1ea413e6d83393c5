<?php

declare(strict_types=1);

namespace Aequus\Plan\Stored;

use Aequus\Measure\Length;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Footing\Firmer;
use Aequus\Plan\Footing\FootingRules;
use Aequus\Plan\Footing\HoleShape;
use Aequus\Plan\Footing\LeastDepths;
use Aequus\Plan\Footing\LeastEmbedment;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Holding\Custom;
use Aequus\Plan\Holding\Customs;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Holding;
use Aequus\Plan\Holding\HoldingSite;
use Aequus\Plan\Holding\PierRules;
use Aequus\Plan\Posts\PostRole;

/** Holes, rules of depth and ways to hold, as stored within a plan. */
final class FootingCodec
{
    /** @return array{width: int, square: bool, bell: ?array{int, int}} */
    public static function encodeShape(HoleShape $hole): array
    {
        return ['width' => $hole->width->nanometres, 'square' => $hole->isSquare, 'bell' => $hole->bellWidth === null || $hole->bellHeight === null ? null : [$hole->bellWidth->nanometres, $hole->bellHeight->nanometres]];
    }

    /** @param  int|array{width: int, square: bool, bell: ?array{int, int}}  $stored  a bare diameter until version 2 */
    public static function decodeShape(int|array $stored): HoleShape
    {
        if (is_int($stored)) {
            return HoleShape::round(Length::nanometres($stored));
        }
        $width = Length::nanometres($stored['width']);

        return match (true) {
            $stored['square'] => HoleShape::square($width),
            $stored['bell'] !== null => HoleShape::bell($width, Length::nanometres($stored['bell'][0]), Length::nanometres($stored['bell'][1])),
            default => HoleShape::round($width),
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
                'today' => $rules->least->today, 'local' => $rules->least->local, 'maker' => $rules->least->maker, 'sideways' => $rules->least->sideways, 'for_role' => $rules->least->forRole,
            ]),
            'roles' => array_map(fn (PostRole $role) => $role->value, $rules->roles),
            'firmer' => $rules->firmer->value,
        ];
    }

    /** @param  array<string, mixed>  $stored */
    public static function decode(array $stored): FootingRules
    {
        $maybe = fn (mixed $nanometres): ?Length => $nanometres === null ? null : Length::nanometres($nanometres);
        $least = $stored['least'] ?? [];

        return new FootingRules(
            Length::nanometres($stored['frost']),
            Length::nanometres($stored['margin']),
            $stored['share'] === null
                ? LeastEmbedment::length(Length::nanometres($stored['embedment']))
                : LeastEmbedment::share($stored['share']),
            Length::nanometres($stored['pad']),
            Length::nanometres($stored['gravel']),
            Length::nanometres($stored['least_gravel']),
            DepthMode::from($stored['mode']),
            $maybe($stored['finished_grade']),
            $stored['fill_before_first_frost'],
            $maybe($stored['asked_plane']),
            new LeastDepths($maybe($least['today'] ?? null), $maybe($least['local'] ?? null), $maybe($least['maker'] ?? null), $maybe($least['sideways'] ?? null), $maybe($least['for_role'] ?? null)),
            array_map(PostRole::from(...), $stored['roles'] ?? []), Firmer::from($stored['firmer'] ?? Firmer::CornersAndNamed->value),
        );
    }

    /** @return array<string, mixed> */
    public static function encodeHolding(Holding $holding): array
    {
        $site = $holding->site;

        return [
            'of_job' => $holding->ofJob->value,
            'of_posts' => array_map(fn (Hold $hold) => $hold->value, $holding->ofPosts),
            'site' => [
                'soil' => $site->soil->value, 'water' => $site->water, 'roof' => $site->roof, 'wood' => $site->wood, 'no_brace' => $site->noBrace, 'repair' => $site->repair,
                'carried' => $site->carried, 'banned' => array_map(fn (Hold $hold) => $hold->value, $site->banned), 'hold_down' => $site->holdDown, 'floor' => $site->floor,
            ],
            'pier' => array_map(fn (Length $length) => $length->nanometres, ['tube' => $holding->pier->tube, 'standoff' => $holding->pier->standoff, 'base' => $holding->pier->base, 'edge' => $holding->pier->edge]),
            'pier_top' => $holding->pier->top?->nanometres,
            'collar' => $holding->collar->nanometres,
            'customs' => array_map(fn (Custom $custom) => $custom->value, $holding->customs->all()),
        ];
    }

    /** @param  array<string, mixed>  $stored */
    public static function decodeHolding(array $stored): Holding
    {
        $site = $stored['site'];
        $pier = array_map(Length::nanometres(...), $stored['pier']);

        return new Holding(
            Hold::from($stored['of_job']),
            new HoldingSite(Soil::from($site['soil']), $site['water'], $site['roof'], $site['wood'], $site['no_brace'], $site['repair'], $site['carried'], array_map(Hold::from(...), array_values($site['banned'])), $site['hold_down'] ?? false, $site['floor'] ?? false),
            new PierRules($pier['tube'], $pier['standoff'], $pier['base'], $pier['edge'], $stored['pier_top'] === null ? null : Length::nanometres($stored['pier_top'])),
            Length::nanometres($stored['collar']),
            array_map(Hold::from(...), $stored['of_posts']),
            Customs::of($stored['customs']),
        );
    }
}
