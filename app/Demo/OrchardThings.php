<?php

declare(strict_types=1);

namespace App\Demo;

use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Stage;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Logbook\Set\PostSet;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Footing\FootingRules;
use Aequus\Plan\Footing\LeastEmbedment;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Frame\Layer;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\JobKind;
use Aequus\Plan\Part\Part;
use Aequus\Plan\Part\PartKind;
use Aequus\Plan\Place\SiteKind;
use Aequus\Plan\Place\SiteObject;
use Aequus\Plan\Place\Surroundings;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Terms\Side;
use Aequus\Plan\Terms\SideNames;
use Aequus\Site\SiteState;
use Aequus\Square\Readings\Wanted;
use Aequus\Square\Readings\WantedReadings;
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Ask\Pick;
use Aequus\Thing\Things;
use Aequus\Words\Thing\ThingWords;
use LogicException;

/** Small jobs of the orchard, each begun with its thing and stopped at another stage. */
final class OrchardThings
{
    /** @return list<DemoJob> the one least far first */
    public static function jobs(int $seed, callable $askedOn): array
    {
        $mm = Length::millimetres(...);
        $metric = Notation::millimetres(0);

        $at = fn (int $x, int $y): Point => new Point($mm($x), $mm($y));
        // Two posts carry the foot of the stairs, a little askew to the deck.
        $stairs = new Part(
            'p1', 'S', PartKind::Row, [$at(0, 0), $at(1100, 0)], [], [], null, $at(1900, -1450), 12.0,
            sides: new SideNames('yard', 'deck', 'pond', 'walnut'),
        );

        $site = [
            new SiteObject('o1', 'Lot line', SiteKind::Boundary, [$at(-4000, -4500), $at(11000, -4500), $at(11000, 9000)], $mm(1500), $mm(0)),
            new SiteObject('o2', 'Press house', SiteKind::House, [
                $at(-2000, 3550), $at(9000, 3550), $at(9000, 8500), $at(-2000, 8500),
            ], $mm(0), $mm(0)),
            new SiteObject('o3', 'Walnut', SiteKind::Tree, [$at(8200, -1500)], $mm(0), $mm(1600)),
            new SiteObject('o4', 'Cart pond', SiteKind::Wet, [
                $at(-3600, -4000), $at(-1200, -4000), $at(-1200, -1800), $at(-3600, -1500),
            ], $mm(1000), $mm(0)),
        ];

        $deck = self::plan(
            JobKind::Deck, $metric, ['wide' => $mm(5200)],
        )->withParts([$stairs])->withSite($site)->around(new Surroundings(45, 225, 180, 135));

        // A handrail beside the stairs.
        $deck = $deck->withPartFrame($deck->parts[0], new FrameRules([new Layer(LayerKind::Rail, $mm(35), $mm(95))]));

        return [
            self::job('Deck behind the press house', $deck, $seed + 6, 2, 'notice', $askedOn),
            self::job('Sheep fence along the beck', self::plan(JobKind::FenceLine, Notation::feetInches(8), [
                'long' => Length::feet(44), 'gate_wide' => Length::inches(42),
            ]), $seed + 1, 3, 'notice', $askedOn),
            self::job('Arch over the cart track', self::plan(JobKind::Gateway, $metric, [
                'machine_high' => $mm(3350),
            ]), $seed + 2, 5, 'stakes', $askedOn),
            self::job('Rotted posts of the bee garden', self::plan(JobKind::SocketRepair, $metric, [
                'posts' => 2, 'sound_at' => $mm(640), 'opening_a' => $mm(93), 'opening_b' => $mm(91),
            ]), $seed + 3, 6, 'ground', $askedOn),
            self::job('Hoop by the threshing floor', self::plan(JobKind::CourtHoop, $metric, [
                'inside' => $mm(600),
            ]), $seed + 4, 8, 'holes', $askedOn),
            self::job('Swing under the walnut', self::plan(JobKind::CarryingPair, $metric, [
                'width' => $mm(2600), 'width_is' => Pick::Clear, 'ground_rise' => $mm(40),
            ]), $seed + 5, 12, 'filled', $askedOn),
        ];
    }

    /** @param  array<string, Length|int|Pick>  $said */
    private static function plan(JobKind $kind, Notation $notation, array $said): Plan
    {
        $thing = Things::of($kind) ?? throw new LogicException("{$kind->name} is no thing to begin with.");
        $heard = Heard::usual($notation, ThingWords::sides($kind), $thing->asks(), $said);

        $plan = $thing->make($heard)->plan;
        $frame = OrchardTimber::frame($kind, $notation, $plan->post->thicker());
        $plan = $frame === null ? $plan : $plan->withFrame($frame);

        return $plan->footing !== null ? $plan : $plan->withFooting(new FootingRules(
            Length::millimetres(760), Length::millimetres(50), LeastEmbedment::length(Length::millimetres(600)),
            Length::zero(), Length::millimetres(100),
            Length::millimetres(50), DepthMode::Own,
        ));
    }

    /** @param  callable(int): string  $askedOn  the day so many days ago */
    private static function job(string $name, Plan $plan, int $seed, int $daysAgo, string $until, callable $askedOn): DemoJob
    {
        $site = new HiddenSite($plan, $seed, 1.2, 6 / 1000, 4 / 1000, 1380);
        $entries = [new NoticeAsked($askedOn($daysAgo), 3, '')];
        $stages = ['stakes' => self::stakes(...), 'ground' => self::ground(...), 'holes' => self::holes(...), 'filled' => self::filled(...)];
        foreach ($stages as $stage => $written) {
            if ($until === 'notice') {
                break;
            }
            array_push($entries, ...$written($plan, $site, $entries, $askedOn($daysAgo)));
            if ($stage === $until) {
                break;
            }
        }

        return new DemoJob($name, $plan, $entries, $daysAgo, 'Odile');
    }

    /** @return list<Payload> */
    private static function stakes(Plan $plan, HiddenSite $site): array
    {
        return count($plan->grid->posts) < 2 ? [] : array_map(
            fn (Wanted $wanted) => $site->tape($wanted->ends()->from->label, $wanted->ends()->to->label, TapeClass::Steel), WantedReadings::of($plan),
        );
    }

    /** @return list<Payload> */
    private static function ground(Plan $plan, HiddenSite $site): array
    {
        return [
            new BenchmarkChosen('step of the press house', Length::zero()), $site->rod(null),
            ...array_map(fn (Post $post) => $site->rod($post->label), $plan->grid->posts),
        ];
    }

    /**
     * @param  list<Payload>  $before
     * @return list<Payload>
     */
    private static function holes(Plan $plan, HiddenSite $site, array $before, string $today): array
    {
        $footing = SiteState::derive($plan, ReadFrom::payloads($before), $today)->footing;

        return array_map(fn (Post $post) => new HoleDug(
            $post->id,
            ($footing->required($post) ?? throw new LogicException(
                'The demo forgot a ground height.',
            ))->holeDepth()->plus($site->read(12, 3)->magnitude(
            )),
        ), $plan->grid->posts);
    }

    /** @return list<Payload> */
    private static function filled(Plan $plan, HiddenSite $site): array
    {
        $level = Length::millimetres(1200);
        $plumb = fn (Post $post, Stage $stage): array => array_map(
            fn (Side $face) => PlumbReading::gap($post->id, $face, $face, $site->read(1, 0.4)->magnitude(), $level, $stage),
            [Side::PlusX, Side::MinusY],
        );
        $entries = [];
        foreach ($plan->grid->posts as $post) {
            array_push($entries, new PostSet($post->id), ...$plumb($post, Stage::HoleOpen));
        }
        foreach ($plan->grid->posts as $post) {
            $filled = [new PostFilled($post->id, FillStep::Started), new PostFilled($post->id, FillStep::Done, null, 12.0)];
            array_push($entries, ...$filled, ...$plumb($post, Stage::Filled));
        }

        return $entries;
    }
}
