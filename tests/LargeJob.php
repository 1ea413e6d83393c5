<?php

declare(strict_types=1);

namespace Tests;

use Aequus\Logbook\Book\Remark;
use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Cut\PostCut;
use Aequus\Logbook\Cut\TopMeasured;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Stage;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Level\RodReading;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Logbook\Set\PostSet;
use Aequus\Logbook\Set\ReadyItem;
use Aequus\Logbook\Set\SeenReady;
use Aequus\Logbook\Set\TwistRead;
use Aequus\Logbook\Square\TapeReading;
use Aequus\Measure\Length;
use Aequus\Measure\Slope;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Footing\FootingRules;
use Aequus\Plan\Footing\LeastEmbedment;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\Side;
use Aequus\Plan\Tops\TopRules;

/** A hundred posts and a thousand entries: the size every page is measured at. Larger ones have as much written of every post. */
final class LargeJob
{
    public static function plan(int $along = 10, int $across = 10): Plan
    {
        return Builds::plan(baysX: array_fill(0, $along - 1, 2400), baysY: array_fill(0, $across - 1, 3000))
            ->withFooting(new FootingRules(
                Length::millimetres(900), Length::millimetres(100), LeastEmbedment::length(Length::millimetres(600)),
                Length::millimetres(100), Length::millimetres(100), Length::millimetres(50), DepthMode::CommonPlane,
            ))
            ->withTops(new TopRules(Length::millimetres(2300), Slope::level(), Slope::ratio(-1 / 60), Length::millimetres(1200)));
    }

    /** @return list<Payload> a thousand, or ten of every post where there are more */
    public static function entries(Plan $plan): array
    {
        $posts = $plan->grid->posts;
        // The full list of readings with stakes a few millimetres off, so that the survey has work to do.
        $off = [];
        foreach ($posts as $i => $post) {
            $off[$post->label] = [($i * 7 % 5) - 2.0, ($i * 11 % 5) - 2.0];
        }
        $entries = [
            new NoticeAsked('2026-05-04', 3, ''), ...Builds::readings($plan, $off), new BenchmarkChosen('sill', Length::zero()),
            new RodReading(null, Length::millimetres(1500)),
        ];
        foreach ($posts as $i => $post) {
            array_push($entries,
                new RodReading($post->id, Length::millimetres(1600 + $i)),
                new HoleDug($post->id, Length::millimetres(1300)),
                new PostSet($post->id),
                PlumbReading::gap($post->id, Side::MinusY, Side::PlusX, Length::millimetres($i % 4), Length::millimetres(1200), Stage::Filled),
                PlumbReading::gap($post->id, Side::PlusX, Side::PlusY, Length::millimetres($i % 3), Length::millimetres(1200), Stage::Filled),
                new TopMeasured($post->id, Length::millimetres(1180)),
            );
        }
        for ($i = 0; count($entries) < 1_000; $i++) {
            [$from, $to] = [$posts[$i % count($posts)], $posts[($i * 7 + 11) % count($posts)]];
            $from->id->equals($to->id) || $entries[] = new TapeReading($from->id, $to->id, $from->at->distanceTo($to->at), TapeClass::Steel);
        }

        return $entries;
    }

    /** @return list<Payload> what comes on top, so that every post has twenty entries of its own: a job far along */
    public static function furtherEntries(Plan $plan): array
    {
        $entries = array_map(fn (ReadyItem $item) => new SeenReady($item, null), ReadyItem::cases());
        foreach ($plan->grid->posts as $i => $post) {
            $id = $post->id;
            array_push(
                $entries, new PostFilled($id, FillStep::Started), new PostFilled($id, FillStep::Done, 8, 14.0),
                new TwistRead($id, Length::millimetres($i % 5), Length::millimetres(140)), new PostFilled($id, FillStep::Stripped), new PostCut($id),
            );
            foreach ([Stage::HoleOpen, Stage::Lift, Stage::Hardened] as $stage) {
                array_push(
                    $entries, PlumbReading::gap($id, Side::MinusY, Side::PlusX, Length::millimetres($i % 3), Length::millimetres(1200), $stage),
                    PlumbReading::gap($id, Side::PlusX, Side::PlusY, Length::millimetres($i % 2), Length::millimetres(1200), $stage),
                );
            }
            array_push($entries, new Remark($id, 'split at the foot'), new HoleDug($id, Length::millimetres(1310)), new Remark($id, 'sound'));
        }

        return $entries;
    }
}
