<?php

declare(strict_types=1);

namespace Tests\Core\Words;

use Aequus\Guide\Guide;
use Aequus\Guide\Square\ReadAgain;
use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Level\RodReading;
use Aequus\Logbook\Square\TapeReading;
use Aequus\Measure\Length;
use Aequus\Plan\Place\FixedKind;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Side;
use Aequus\Site\SiteState;
use Aequus\Square\SquareVerdict;
use Aequus\Words\LevelWords;
use Aequus\Words\Sentence;
use Aequus\Words\VerdictWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;
use Tests\Told;

/** Much or little, near or far, above or below: a word turned round sends somebody the wrong way. */
final class DirectionsTest extends TestCase
{
    #[TestWith([1000.0, 'reads 1000 mm too much'])]
    #[TestWith([-1000.0, 'reads 1000 mm too little'])]
    public function test_a_tape_far_from_the_plan_reads_too_much_or_too_little(float $off, string $says): void
    {
        $plan = Builds::plan();
        $read = array_map(fn (Payload $one) => $one instanceof TapeReading && $one->joins($this->post($plan, 'A1')->id, $this->post($plan, 'B2')->id)
            ? new TapeReading($one->from, $one->to, $one->distance->plus(Length::millimetres($off)), $one->tape) : $one, Builds::readings($plan));
        $site = $this->site($plan, ...$read);
        self::assertSame(SquareVerdict::FarFromPlan, $site->square->verdict());
        self::assertStringContainsString($says, $this->plain((new VerdictWords($site))->says));
    }

    #[TestWith([25.4, 'too much'])]
    #[TestWith([-25.4, 'too little'])]
    public function test_a_tape_that_stands_alone_against_all_others_is_pulled_again_with_its_sign(float $off, string $says): void
    {
        $plan = Builds::plan([2400, 2400, 2400], [2400, 2400, 2400]);
        $read = array_map(fn (Payload $one) => $one instanceof TapeReading && $one->joins($this->post($plan, 'B2')->id, $this->post($plan, 'C2')->id)
            ? new TapeReading($one->from, $one->to, $one->distance->plus(Length::millimetres($off)), $one->tape) : $one, Builds::readings($plan));
        $move = Guide::next($this->site($plan, new NoticeAsked('2026-05-01', 3, ''), ...$read), \Aequus\Guide\Move\Scope::job());
        self::assertTrue($move?->is(ReadAgain::PullAgain));
        self::assertStringContainsString($says, Told::why($move, $plan));
    }

    #[TestWith([40.0, 'too far from wall', 'toward wall'])]
    #[TestWith([-40.0, 'too near to wall', 'away from wall'])]
    public function test_a_layout_off_its_wall_is_told_which_way_it_has_to_go(float $off, string $stands, string $goes): void
    {
        foreach ([Side::MinusY, Side::PlusY] as $side) {
            $plain = Builds::plan();
            $lies = Length::millimetres(1800);
            $plan = $plain->withLayout(
                $plain->layout->heldBy([FixedLine::beside('line-2', 'wall', $plain->grid, $side, $lies, $lies, FixedKind::Wall, null)]),
            );
            $away = $side === Side::MinusY ? $off : -$off;
            $site = $this->site(
                $plan, ...Builds::readings($plan, array_fill_keys(array_map(fn (Post $post) => $post->label, $plan->grid->posts), [0.0, $away])),
            );
            $words = new VerdictWords($site);
            self::assertStringContainsString($stands, $this->plain($words->title), $side->name);
            self::assertStringContainsString($goes, $this->plain($words->says), $side->name);
        }
    }

    #[TestWith([300.0, 'C3 stands 300 mm above'])]
    #[TestWith([-300.0, 'C3 stands 300 mm below'])]
    public function test_ground_that_one_reading_tells_stands_above_or_below_what_the_others_say(float $above, string $says): void
    {
        $plan = Builds::plan([2400, 2400], [2400, 2400]);
        $mm = Length::millimetres(...);
        $said = [new BenchmarkChosen('sill', Length::zero()), new RodReading(null, $mm(1500)), new RodReading(null, $mm(1600), '2')];
        foreach ($plan->grid->posts as $post) {
            $isIt = $post->label === 'C3';
            $said[] = new RodReading($post->id, $mm(1700 - ($isIt ? $above : 0.0)));
            if (! $isIt) {
                $said[] = new RodReading($post->id, $mm(1800), '2');
            }
        }
        self::assertStringContainsString($says, $this->plain((new LevelWords($this->site($plan, ...$said)))->told));
    }

    private function plain(string|Sentence $says): string
    {
        return is_string($says) ? $says : (string) $says;
    }

    private function post(Plan $plan, string $label): Post
    {
        return $plan->grid->labelled($label);
    }

    private function site(Plan $plan, Payload ...$said): SiteState
    {
        return SiteState::derive(
            $plan, array_map(fn (Payload $payload, int $i) => Builds::entry($payload, $i + 1), $said, array_keys($said)), '2026-06-01',
        );
    }
}
