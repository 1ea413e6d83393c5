<?php

declare(strict_types=1);

namespace App\Demo;

use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Footing\FootingRules;
use Aequus\Plan\Footing\HoleShape;
use Aequus\Plan\Footing\LeastEmbedment;
use Aequus\Plan\Grid\Grid;
use Aequus\Plan\Grid\GridLines;
use Aequus\Plan\Grid\Spacing;
use Aequus\Plan\JobKind;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Section;
use Aequus\Plan\Terms\SideNames;
use Aequus\Plan\ToleranceClass;
use Aequus\Plan\Tolerances;

/** One post for parcels by the lane, ready to dig. */
final class ParcelPost
{
    public static function job(int $seed, string $askedOn): DemoJob
    {
        $alone = GridLines::fresh(Spacing::bays([]));
        $plan = (new Plan(
            JobKind::LetterBox, Notation::feetInches(8), new SideNames('lane', 'hedge', 'gate', 'bend'),
            new Tolerances(
                ToleranceClass::Fence, Length::inches(1), 100,
            ), Section::nominal(4, 4), HoleShape::round(Length::inches(10)), Length::inches(42), new Grid($alone, $alone),
        ))->withFooting(new FootingRules(
            Length::inches(30), Length::zero(), LeastEmbedment::share(1 / 3), Length::zero(), Length::inches(4), Length::inches(2), DepthMode::Own,
        ));
        $site = new HiddenSite($plan, $seed, 0, 0, 0, 1200);

        return new DemoJob('Parcel post by the lane', $plan, [
            new NoticeAsked($askedOn, 3, 'TH-0422'),
            new BenchmarkChosen('crown of the lane', Length::zero()),
            $site->rod(null), $site->rod('A1'),
        ], 6, 'Odile');
    }
}
