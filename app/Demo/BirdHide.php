<?php

declare(strict_types=1);

namespace App\Demo;

use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Cut\TopMeasured;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Kind\Stage;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Set\CheckRoute;
use Aequus\Logbook\Set\CrossChecked;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Logbook\Set\PointOfNoReturn;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Logbook\Set\PostSet;
use Aequus\Logbook\Set\ReadyItem;
use Aequus\Logbook\Set\SeenReady;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Measure\Slope;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Footing\FootingRules;
use Aequus\Plan\Footing\HoleShape;
use Aequus\Plan\Footing\LeastEmbedment;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Grid\Grid;
use Aequus\Plan\Grid\GridLines;
use Aequus\Plan\Grid\Spacing;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Holding;
use Aequus\Plan\Holding\HoldingSite;
use Aequus\Plan\Holding\PierRules;
use Aequus\Plan\JobKind;
use Aequus\Plan\Layout\LayoutRules;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Posts\Section;
use Aequus\Plan\Terms\Side;
use Aequus\Plan\Terms\SideNames;
use Aequus\Plan\ToleranceClass;
use Aequus\Plan\Tolerances;
use Aequus\Plan\Tops\TopRules;
use Aequus\Site\SiteState;
use Aequus\Square\Readings\Wanted;
use Aequus\Square\Readings\WantedReadings;
use LogicException;

/** A bird hide on a boardwalk: all posts set, filled and read for plumb, one pushed by its fill, one is too short for its mark. */
final class BirdHide
{
    public const LEANING = 'D2';

    public const SHORT = 'F1';

    public static function job(int $seed, string $askedOn): DemoJob
    {
        $plan = self::plan();
        $site = new HiddenSite($plan, $seed, 0.4, 8 / 1000, -5 / 1000, 1450);
        $care = TapeClass::SteelWithCare;
        $entries = [
            new NoticeAsked($askedOn, 3, ''),
            ...array_map(
                fn (Wanted $wanted) => $site->tape($wanted->ends()->from->label, $wanted->ends()->to->label, $care), WantedReadings::of($plan),
            ),
            new BenchmarkChosen('bolt in the bridge', Length::zero()),
            $site->rod(null), ...array_map(fn ($post) => $site->rod($post->label), $plan->grid->posts),
        ];
        // What the holes must reach follows from the heights as they were read.
        $depths = SiteState::derive($plan, ReadFrom::payloads($entries), $askedOn)->footing;
        foreach ($plan->grid->posts as $post) {
            $required = $depths->required($post) ?? throw new LogicException('The demo forgot a ground height.');
            $entries[] = new HoleDug($post->id, $required->holeDepth()->plus($site->read(14, 4)->magnitude()));
        }
        foreach ($plan->grid->posts as $post) {
            $entries[] = new PostSet($post->id);
            array_push($entries, ...self::plumb($site, $post->id, Stage::HoleOpen, 1.0, 1.0));
        }
        foreach ([ReadyItem::Inspected, ReadyItem::Foot] as $item) {
            $entries[] = new SeenReady($item, null);
        }
        $entries[] = new CrossChecked(PointOfNoReturn::Pour, CheckRoute::LongDiagonal, Length::millimetres(2));
        foreach ($plan->grid->posts as $post) {
            $pushed = $post->label === self::LEANING;
            array_push(
                $entries, new PostFilled($post->id, FillStep::Started), new PostFilled($post->id, FillStep::Done, null, 14.0),
                ...self::plumb($site, $post->id, Stage::Filled, $pushed ? 9.0 : 1.5, $pushed ? 3.0 : 1.0),
            );
        }
        foreach ($plan->grid->posts as $post) {
            $over = $post->label === self::SHORT ? -22 : 60;
            $mark = $plan->tops === null ? Length::zero() : $plan->tops->topOf($post)->minus($plan->tops->datumLine);
            $entries[] = new TopMeasured($post->id, $plan->notation->round($mark->plus($site->read($over, 3))));
        }

        return new DemoJob('Bird hide on the boardwalk', $plan, $entries, 20, 'Emrys');
    }

    /** @return list<PlumbReading> on two faces */
    private static function plumb(HiddenSite $site, PostId $post, Stage $stage, float $x, float $y): array
    {
        return array_map(
            fn (array $read) => PlumbReading::gap(
                $post, $read[0], $read[1], $site->read($read[2], 0.5)->magnitude(), Length::millimetres(1200), $stage,
            ),
            [[Side::PlusX, Side::PlusX, $x], [Side::MinusY, Side::MinusY, $y]],
        );
    }

    private static function plan(): Plan
    {
        $lines = fn (int ...$bays): GridLines => GridLines::fresh(Spacing::bays(array_map(Length::millimetres(...), array_values($bays))));

        $grid = new Grid($lines(1800, 1800, 1800, 1800, 1800), $lines(2100));
        $usual = LayoutRules::usual(Length::millimetres(175));
        // Its posts end under the roof; what is walked on hangs between them.
        $frame = OrchardTimber::frame(JobKind::PoleBuilding, Notation::millimetres(0), Length::millimetres(120));

        return (new Plan(
            JobKind::Boardwalk, Notation::millimetres(0), new SideNames('path', 'reeds', 'bridge', 'willow'),
            new Tolerances(
                ToleranceClass::Framing, Length::millimetres(4), 300,
            ), Section::rectangle(Length::millimetres(120), Length::millimetres(120)),
            HoleShape::round(Length::millimetres(350)), Length::millimetres(2400), $grid,
            decidedLayout: new LayoutRules(
                $usual->placement, $usual->list, TapeClass::SteelWithCare, null, $usual->strings, $usual->boards, $usual->cover,
            ),
        ))->withFooting(new FootingRules(
            Length::millimetres(700), Length::millimetres(50), LeastEmbedment::length(Length::millimetres(800)), Length::millimetres(60),
            Length::millimetres(100), Length::millimetres(60), DepthMode::CommonPlane,
        ))->withTops(new TopRules(Length::millimetres(2250), Slope::level(), Slope::ratio(1 / 14), Length::millimetres(900)))
            ->withHolding(
                new Holding(
                    Hold::Gravel, new HoldingSite(Soil::Clay, water: true, roof: true, noBrace: false), PierRules::usual(Notation::millimetres(0)),
                    Length::millimetres(300),
                ),
            )->withFrame($frame ?? throw new LogicException('A roof has a frame.'));
    }
}
