<?php

declare(strict_types=1);

namespace Tests\Core\Site;

use Aequus\Guide\Guide;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Guide\Set\SetPosts;
use Aequus\Guide\Set\SettleFoot;
use Aequus\Logbook\Book\Decision;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Level\RodReading;
use Aequus\Logbook\Set\EmbedmentLine;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Logbook\Set\PostSet;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Plan\JobKind;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\PostId;
use Aequus\Site\FootByLine;
use Aequus\Site\SiteState;
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Things;
use Aequus\Words\Thing\ThingWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Guide\SimulatedBuilder;
use Tests\Told;

/** A bought post of 2400 whose top ends 1080 over ground: its foot is 1320 deep, on 200 of pad and gravel. A line drawn 1320 up should meet the ground. */
final class FootByLineTest extends TestCase
{
    private ?Plan $planned = null;

    #[TestWith([0.0, null])]
    #[TestWith([15.0, null])]
    #[TestWith([-15.0, null])]
    #[TestWith([16.0, SettleFoot::ReadLineAgain])]
    #[TestWith([-16.0, SettleFoot::ReadLineAgain])]
    public function test_a_line_that_says_otherwise_than_the_hole_is_read_again(float $over, ?Says $do): void
    {
        $this->assertSame($do, $this->move(...$this->set(), ...[$this->reads($over)])?->do->is);
    }

    public function test_read_twice_alike_it_is_believed_before_the_hole(): void
    {
        $move = $this->move(...$this->set(), ...[$this->reads(60), $this->reads(64)]) ?? $this->fail();
        $this->assertSame([SettleFoot::TakeOutAndDeepen, EntryKind::EmbedmentLine], [$move->do->is, $move->asks]);
        $this->assertEqualsWithDelta(64, $move->number?->inMillimetres(), 1e-6);
        $this->assertStringContainsString('1256 mm deep, by its hole 1320 mm', Told::why($move));
        $this->assertSame(SettleFoot::ReadLineAgain, $this->move(...$this->set(), ...[$this->reads(60), $this->reads(90)])?->do->is, 'twice, not alike');
        $this->assertNull($this->move(...$this->set(), ...[$this->reads(60), $this->reads(62), $this->reads(5)]), 'mended');
        $this->assertSame(SettleFoot::ReadLineAgain, $this->move(...$this->set(), ...[$this->reads(60), new PostSet($this->post()), $this->reads(62)])?->do->is, 'set anew: what was read before says nothing');
        $deeper = $this->move(...$this->set(), ...[$this->reads(-60), $this->reads(-62)]);
        $this->assertNull($deeper, 'deeper than asked for is deep enough');
        $this->assertTrue(FootByLine::of($this->site(...$this->set(), ...[$this->reads(-60)]), $this->plan()->grid->posts[0])?->isContradicted());
    }

    public function test_once_filled_it_wants_a_decision_that_came_after_the_reading(): void
    {
        $taken = new Decision(DecisionAbout::AcceptShortHole, $this->post(), 'rock');
        $filled = [...$this->set(), $taken, new PostFilled($this->post(), FillStep::Done), $this->reads(300), $this->reads(300)];
        $this->assertSame([SettleFoot::FootStaysHigh, EntryKind::Decision], [$this->move(...$filled)?->do->is, $this->move(...$filled)?->asks], 'that was taken of the hole as it was known then');
        $this->assertNull($this->move(...[...$filled, $taken]));
        $this->assertNotNull($this->move(...[...$filled, new Decision(DecisionAbout::AcceptHeights, $this->post(), 'agreed')]));
    }

    public function test_the_guide_says_where_to_draw_it_and_does_not_come_to_its_end_while_it_is_short(): void
    {
        $standing = array_slice($this->set(), 0, 4);
        $told = '';
        foreach (SetPosts::moves($this->site(...$standing)) as $move) {
            $told .= Told::why($move);
        }
        $this->assertStringContainsString('Draw a line on it 1320 mm up from its foot', $told);
        $builder = new SimulatedBuilder($this->plan());
        $builder->finish();
        $this->assertNull(FootByLine::of($builder->site(), $this->plan()->grid->posts[0]), 'nothing is said before it was read');
        $builder->write($this->reads(100));
        $builder->write($this->reads(100));
        $this->assertSame(SettleFoot::FootStaysHigh, $builder->next()?->do->is);
    }

    public function test_a_line_is_above_the_foot(): void
    {
        $this->expectExceptionObject(EntryRefused::lineNotAboveFoot());
        new EmbedmentLine($this->post(), Length::zero(), Length::zero());
    }

    /** @return list<Payload> */
    private function set(): array
    {
        return [
            new BenchmarkChosen('sill', Length::zero()), new RodReading(null, Length::millimetres(1500)), new RodReading($this->post(), Length::millimetres(1600)),
            new HoleDug($this->post(), Length::millimetres(1520)), new PostSet($this->post()),
        ];
    }

    private function reads(float $over): EmbedmentLine
    {
        return new EmbedmentLine($this->post(), Length::millimetres(1320), Length::millimetres($over));
    }

    /** With its rules of depth, as a builder who obeys the guide decides them. */
    private function plan(): Plan
    {
        return $this->planned ??= (new SimulatedBuilder($this->asked()))->finish()->plan;
    }

    private function asked(): Plan
    {
        $thing = Things::of(JobKind::LetterBox) ?? $this->fail();

        return $thing->make(Heard::usual(Notation::millimetres(0), ThingWords::sides(JobKind::LetterBox), $thing->asks()))->plan;
    }

    private function post(): PostId
    {
        return $this->plan()->grid->posts[0]->id;
    }

    private function site(Payload ...$book): SiteState
    {
        return (new SimulatedBuilder($this->plan(), '2026-05-04', ...$book))->site();
    }

    private function move(Payload ...$book): ?Move
    {
        foreach (SettleFoot::moves($this->site(...$book)) as $move) {
            return $move;
        }

        return null;
    }
}
