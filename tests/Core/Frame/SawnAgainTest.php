<?php

declare(strict_types=1);

namespace Tests\Core\Frame;

use Aequus\Frame\Footprint;
use Aequus\Frame\FrameOnPosts;
use Aequus\Frame\Offcut;
use Aequus\Frame\Piece;
use Aequus\Frame\SectionSawn;
use Aequus\Frame\UsualFrame;
use Aequus\Logbook\EntryKind;
use Aequus\Logbook\Frame\BoardSpoiled;
use Aequus\Logbook\Frame\MembersUp;
use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\Known;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Question;
use Aequus\Logbook\Kind\QuestionAbout;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\JobKind;
use Aequus\Plan\Part\Part;
use Aequus\Plan\Part\PartKind;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Terms\Point;
use Aequus\Stock\Stock;
use PHPUnit\Framework\TestCase;
use Tests\Builds;

/** What is written down while a frame is built: pieces that are up, boards that were spoiled. Ten rafters of 3600 out of boards of 3600 and 4800. */
final class SawnAgainTest extends TestCase
{
    public function test_a_spoiled_board_costs_a_new_one_and_nothing_else_is_sawn_anew(): void
    {
        $whole = $this->rafters();
        $this->assertCount(10, $whole->bought());
        $this->assertNull($whole->again);
        $again = $this->rafters($this->spoiled([3600], null));
        $this->assertEquals($whole->cutting, $again->cutting);
        $this->assertCount(11, $again->bought());
        // What is left of a longer one gives a shorter piece; a spoiled board with two lost ones takes two.
        $this->assertCount(10, $this->rafters($this->spoiled([550], null, 4800))->bought(), 'nothing so short is in this frame');
        $this->assertCount(10, $this->rafters($this->spoiled([3600], 3600, 4800))->bought());
        $this->assertCount(12, $this->rafters($this->spoiled([3600], null), $this->spoiled([3600], 3599))->bought());
        // A board of another section does not count here.
        $other = new BoardSpoiled(Length::millimetres(70), Length::millimetres(70), Length::millimetres(3600), [Length::millimetres(3600)], null);
        $this->assertCount(10, $this->rafters($other)->bought());
    }

    public function test_boards_that_lie_there_are_sawn_and_not_bought(): void
    {
        $rules = $this->rules();
        $sawn = $this->sawn($rules->lying($rules->layer(LayerKind::Joist)?->section() ?? '', [Length::millimetres(3700), Length::millimetres(3500)]));
        $this->assertCount(9, $sawn->bought());
        $this->assertCount(10, $sawn->cutting->boards ?? []);
    }

    /** Out of 4800 remain 1200 less a cut of 3: too short for a rafter. */
    public function test_what_remains_is_named_with_what_would_come_out_of_it(): void
    {
        $rules = $this->rules([[4800, 10.0]]);
        $offcuts = $this->sawn($rules)->offcuts(Length::millimetres(3));
        $this->assertSame(array_fill(0, 10, 1197.0), array_map(fn (Offcut $offcut) => $offcut->length->inMillimetres(), $offcuts));
        $this->assertNull($offcuts[0]->serves);
        $blocks = $rules->with(UsualFrame::layer(LayerKind::Blocking, Notation::millimetres(0)));
        $this->assertSame(LayerKind::Blocking, array_values(array_filter($this->sawn($blocks)->offcuts(Length::millimetres(3)), fn (Offcut $offcut) => $offcut->length->inMillimetres() > 550))[0]->serves?->layer->kind);
    }

    public function test_pieces_that_are_up_are_told_by_their_numbers(): void
    {
        $plan = Builds::plan();
        $up = fn (MembersUp ...$said): array => array_map(
            fn (Piece $piece) => $piece->layer->kind->value.$piece->number, (new FrameOnPosts($plan, $this->rules(), Footprint::ofGrid($plan, $this->rules()), Builds::log(...$said)))->up(),
        );
        $this->assertSame([], $up());
        $this->assertSame(['beam1', 'beam2', 'joist4', 'joist5', 'joist6'], $up(new MembersUp('', LayerKind::Joist, 4, 6), new MembersUp('', LayerKind::Beam, 1, 2)));
        $this->assertSame([], $up(new MembersUp('p1.0', LayerKind::Joist, 1, 99)), 'on another part');
    }

    /** Asked before it is taken: posts that are not set, then posts whose fill is not hard; only those of its own part. */
    public function test_nothing_is_written_down_as_up_unasked_on_posts_that_do_not_hold(): void
    {
        $part = new Part('p1', 'F', PartKind::Spots, [new Point(Length::zero(), Length::zero())], [], [], null, new Point(Length::zero(), Length::millimetres(-9000)));
        $plan = Builds::plan()->withParts([$part]);
        $known = function (bool $isSet, bool $isHard) use ($plan): Known {
            $known = $this->createStub(Known::class);
            $known->method('plan')->willReturn($plan);
            $known->method('isSet')->willReturn($isSet);
            $known->method('isHard')->willReturn($isHard);

            return $known;
        };
        $up = new MembersUp('', LayerKind::Beam, 1, 1);
        foreach ([[false, false, [QuestionAbout::LoadedBeforeSet]], [true, false, [QuestionAbout::LoadedBeforeHard]], [true, true, []]] as [$isSet, $isHard, $asked]) {
            $this->assertSame($asked, array_map(fn (Question $question) => $question->about, $up->questions($known($isSet, $isHard))));
        }
        $this->assertSame(6, count($up->questions($known(false, false))[0]->posts));
        $this->assertSame(['p1.s0'], array_map(fn (PostId $post) => $post->value, (new MembersUp('p1.0', LayerKind::Rail, 1, 1))->questions($known(false, false))[0]->posts));
    }

    public function test_they_are_stored_and_refused(): void
    {
        foreach ([new MembersUp('p1.0', LayerKind::Joist, 4, 6), $this->spoiled([3600, 550], 700, 4800), $this->spoiled([3600], null)] as $said) {
            $this->assertEquals($said, EntryKind::of($said)->read(EntryKind::VERSION, json_decode((string) json_encode($said->stored()), true)));
        }
        foreach ([
            fn () => new MembersUp('', LayerKind::Joist, 0, 3), fn () => new MembersUp('', LayerKind::Joist, 4, 3), fn () => $this->spoiled([], null), fn () => $this->spoiled([3600], 3601),
            fn () => $this->spoiled([3600], 0),
        ] as $refused) {
            try {
                $refused();
                $this->fail('Nothing was refused.');
            } catch (EntryRefused) {
                $this->addToAssertionCount(1);
            }
        }
    }

    /** @param  list<float>  $lost */
    private function spoiled(array $lost, ?float $left, float $board = 3600): BoardSpoiled
    {
        return new BoardSpoiled(
            Length::millimetres(145), Length::millimetres(45), Length::millimetres($board), array_map(Length::millimetres(...), $lost), $left === null ? null : Length::millimetres($left),
        );
    }

    private function rafters(Payload ...$said): SectionSawn
    {
        return $this->sawn($this->rules(), ...$said);
    }

    private function sawn(FrameRules $rules, Payload ...$said): SectionSawn
    {
        $plan = Builds::plan();
        $pieces = (new FrameOnPosts($plan, $rules, Footprint::ofGrid($plan, $rules), Builds::log()))->pieces;
        $key = $rules->layer(LayerKind::Joist)?->section();

        return array_values(array_filter(SectionSawn::all($pieces, $rules, Length::millimetres(3), Builds::log(...$said)), fn (SectionSawn $one) => $one->key === $key))[0];
    }

    /** @param  list<array{float, float}>  $stocks */
    private function rules(array $stocks = [[3600, 20.0], [4800, 27.0]]): FrameRules
    {
        $rules = UsualFrame::of(JobKind::Pergola, Notation::millimetres(0), Length::millimetres(140)) ?? $this->fail();

        return $rules->soldIn($rules->layer(LayerKind::Joist)?->section() ?? '', array_map(fn (array $stock) => new Stock(Length::millimetres($stock[0]), $stock[1]), $stocks));
    }
}
