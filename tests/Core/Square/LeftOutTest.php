<?php

declare(strict_types=1);

namespace Tests\Core\Square;

use Aequus\Guide\Guide;
use Aequus\Guide\Move\Says;
use Aequus\Guide\Move\Scope;
use Aequus\Guide\Square\ReadAgain;
use Aequus\Guide\Square\SettleContradiction;
use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Entry;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Square\LineReading;
use Aequus\Logbook\Square\StringReading;
use Aequus\Logbook\Square\TapeReading;
use Aequus\Measure\Length;
use Aequus\Plan\Place\FixedKind;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\Side;
use Aequus\Site\SiteState;
use Aequus\Square\Readings\TakenReading;
use Aequus\Square\SquareVerdict;
use Aequus\Words\Square\WantedWords;
use Aequus\Words\VerdictWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;
use Tests\Told;

/** What was read from a wall or a string counts like a tape: left out, it is named, asked for again, and nothing is well until then. */
final class LeftOutTest extends TestCase
{
    #[TestWith([60.0, 'too much'])]
    #[TestWith([-60.0, 'too little'])]
    public function test_an_offset_from_a_wall_that_fits_nothing_is_read_again_before_all_is_well(float $off, string $says): void
    {
        $plan = $this->besideTwoWalls();
        $entries = $this->entries($plan, 'A2', 'barn', $off);
        $site = SiteState::derive($plan, $entries, '2026-06-01');
        $this->assertFalse($site->square->holds());
        $this->assertStringStartsWith('A2 off barn does not fit the others and is left out.', (string) (new VerdictWords($site))->says);
        $this->assertSame('Every stake is within 6 mm, if A2 off barn was read wrong', (string) (new VerdictWords($site))->title);

        $move = Guide::next($site, Scope::job());
        $this->assertTrue($move?->is(ReadAgain::MeasureOffLineAgain), Told::do($move));
        $this->assertSame('Measure A2 off barn again', Told::do($move));
        $this->assertStringContainsString("It reads 60 mm {$says}", Told::why($move, $plan));
        $this->assertSame($this->wrong($entries)->sequence, $move?->replaces);

        $right = Builds::entry($this->reading($plan, 'A2', 'barn', 0), count($entries) + 1, $move?->replaces);
        $this->assertTrue(SiteState::derive($plan, [...$entries, $right], '2026-06-01')->square->holds(), 'read right, it counts');
        $same = Builds::entry($this->reading($plan, 'A2', 'barn', $off), count($entries) + 1, $move?->replaces);
        $again = SiteState::derive($plan, [...$entries, $same], '2026-06-01');
        $this->assertSame([], $again->square->toReadAgain(), 'read twice alike it is asked for no more');
        $this->assertSame('Every stake is within 6 mm', (string) (new VerdictWords($again))->title);
        $this->assertStringContainsString('Read again it came to the same: is barn straight there?', (string) (new VerdictWords($again))->says);
    }

    public function test_an_offset_from_a_string_that_fits_nothing_is_read_again_too(): void
    {
        $plan = Builds::plan([2400, 2400, 2400, 2400, 2400], []);
        $said = [new NoticeAsked('2026-05-01', 3, ''), ...Builds::readings($plan)];
        $found = array_filter($said, fn (Payload $one) => $one instanceof StringReading);
        $this->assertNotSame([], $found);
        $number = array_key_first($found);
        $string = $found[$number];
        $said[$number] = new StringReading($string->post, $string->from, $string->to, $string->off->plus(Length::millimetres(50)), $string->run);
        $site = SiteState::derive($plan, $this->inOrder(...$said), '2026-06-01');
        $this->assertFalse($site->square->holds());
        $move = Guide::next($site, Scope::job());
        $this->assertTrue($move?->is(ReadAgain::MeasureOffStringAgain), Told::do($move));
        $this->assertSame($number + 1, $move?->replaces);
        $this->assertStringContainsString('is left out', (string) (new VerdictWords($site))->says);
    }

    public function test_an_offset_metres_off_leaves_a_doubt_and_is_among_what_is_read_again(): void
    {
        $plan = $this->besideTwoWalls();
        $site = SiteState::derive($plan, $this->entries($plan, 'A2', 'barn', 3000), '2026-06-01');
        $this->assertSame(SquareVerdict::InDoubt, $site->square->verdict());
        $again = array_map(fn (TakenReading $taken) => WantedWords::of($taken->wanted), $site->square->doubtful());
        $this->assertContains('A2 off barn', $again);
        $this->assertStringContainsString('A2 off barn', implode(' ', array_map(strval(...), (new VerdictWords($site))->why)));
    }

    public function test_a_reading_left_out_early_is_told_while_others_are_still_to_take(): void
    {
        $plan = $this->besideTwoWalls();
        $entries = $this->entries($plan, 'A2', 'barn', 60);
        $wrong = $this->wrong($entries)->sequence;
        $spare = array_values(array_filter($entries, fn (Entry $entry) => $entry->payload instanceof LineReading && $entry->sequence !== $wrong))[0];
        $site = SiteState::derive($plan, array_values(array_filter($entries, fn (Entry $entry) => $entry !== $spare)), '2026-06-01');
        $this->assertSame(SquareVerdict::ReadingsMissing, $site->square->verdict());
        $this->assertStringStartsWith('A2 off barn does not fit', (string) (new VerdictWords($site))->says);
    }

    #[TestWith([['A1-B1' => 30, 'C2-D2' => -34, 'B3-C3' => 38, 'A2-B3' => -42], SettleContradiction::MoreThanTwoWrong, 'more than two mistakes'])]
    #[TestWith([['A1-B1' => 40], SettleContradiction::NotAllTrue, 'At least one of them is wrong'])]
    public function test_one_wrong_reading_is_told_from_many(array $slips, Says $why, string $says): void
    {
        $plan = count($slips) > 1 ? Builds::plan([2400, 2400, 2400], [2400, 2400]) : Builds::plan([2400], [2400]);
        $said = array_map(function (Payload $one) use ($slips, $plan): Payload {
            foreach ($slips as $pair => $slip) {
                [$from, $to] = array_map(fn (string $label) => $plan->grid->labelled($label)->id, explode('-', $pair));
                if ($one instanceof TapeReading && $one->joins($from, $to)) {
                    return new TapeReading($one->from, $one->to, $one->distance->plus(Length::millimetres($slip)), $one->tape);
                }
            }

            return $one;
        }, Builds::readings($plan));
        $site = SiteState::derive($plan, $this->inOrder(new NoticeAsked('2026-05-01', 3, ''), ...$said), '2026-06-01');
        $this->assertSame(SquareVerdict::InDoubt, $site->square->verdict());
        $this->assertStringContainsString($says, (string) (new VerdictWords($site))->says);
        $this->assertSame($why, Guide::next($site, Scope::job())?->why[0]->is);
    }

    private function besideTwoWalls(): Plan
    {
        $plan = Builds::plan([2400, 2400], [3000]);
        $at = fn (string $name, Side $side, float $off) => FixedLine::beside(
            $name, $name, $plan->grid, $side, Length::millimetres($off), Length::millimetres($off), FixedKind::Wall, null,
        );

        return $plan->withLayout($plan->layout->heldBy([$at('house', Side::MinusY, 1500), $at('barn', Side::MinusX, 2000)]));
    }

    /** @return list<Entry> all that proves the layout, one offset of it read wrong by so many mm away from its wall */
    private function entries(Plan $plan, string $label, string $line, float $off): array
    {
        $is = fn (Payload $one): bool => $one instanceof LineReading && $one->line === $line && $one->post->equals($plan->grid->labelled($label)->id);
        $said = array_values(array_filter(Builds::readings($plan), fn (Payload $one) => ! $is($one)));

        return $this->inOrder(new NoticeAsked('2026-05-01', 3, ''), ...[...$said, $this->reading($plan, $label, $line, $off)]);
    }

    private function reading(Plan $plan, string $label, string $line, float $off): LineReading
    {
        $stake = $plan->grid->labelled($label);
        $planned = $plan->fixedLine($line)?->off($stake->at) ?? $this->fail('no such line');

        return new LineReading($stake->id, $planned->plus(Length::millimetres($planned->isNegative() ? -$off : $off)), $line, $plan->layout->tape);
    }

    /** @param  list<Entry>  $entries */
    private function wrong(array $entries): Entry
    {
        return $entries[count($entries) - 1];
    }

    /** @return list<Entry> */
    private function inOrder(Payload ...$said): array
    {
        return array_map(fn (Payload $payload, int $i) => Builds::entry($payload, $i + 1), array_values($said), array_keys(array_values($said)));
    }
}
