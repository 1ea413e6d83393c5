<?php

declare(strict_types=1);

namespace App\Set;

use Aequus\Footing\Holes\HoleAsDug;
use Aequus\Guide\Guide;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Scope;
use Aequus\Guide\Set\KeepTopInItsBand;
use Aequus\Logbook\EntryKind;
use Aequus\Logbook\Set\EmbedmentLine;
use Aequus\Logbook\Set\LeanMeasure;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\SideNames;
use Aequus\Set\StandingPost;
use Aequus\Site\SiteState;
use Aequus\Site\TopByRule;
use App\Type\Say;

/** One post in the yard: its next move, the form that this asks for, and those that may be wanted beside it. */
final readonly class PostPage
{
    /** The form of a next move that has one here. */
    private const ASKED_HERE = [
        EntryKind::Hole, EntryKind::PostSet, EntryKind::Plumb, EntryKind::Ready, EntryKind::CrossChecked, EntryKind::Filled, EntryKind::Top,
        EntryKind::PostCut, EntryKind::TopOver, EntryKind::EmbedmentLine,
    ];

    /** What a round walks from post to post for; a level where it is neither of these. */
    private const WALKED_FOR = ['standing' => EntryKind::PostSet, 'filled' => EntryKind::Filled];

    public StandingPost $stands;

    /** What its four sides are called. */
    public SideNames $sides;

    public Hold $hold;

    public ?HoleAsDug $dug;

    /** Of this post alone; null where nothing is left to do at it. */
    public ?Move $move;

    public Post $before;

    public Post $after;

    /** The entry whose form is open; null where none is. */
    public ?EntryKind $asks;

    /** Whether its fill is what is at hand. */
    public bool $pours;

    /** @var array<string, array{string, EntryKind}> what may be written down now: words and kind, by the view of the form */
    public array $forms;

    public function __construct(private SiteState $site, public Post $post, public ?Walk $walk)
    {
        $this->sides = $site->plan->sidesOf($post->id);
        [$this->stands, $this->hold, $this->dug] = [$site->standing($post), $site->plan->holdOf($post->id), $site->footing->asDug($post)];
        $this->move = Guide::next($site, Scope::post($post));
        $order = array_values($site->walk());
        $here = (int) array_search($post, $order, false);
        [$this->before, $this->after] = [$order[($here - 1 + count($order)) % count($order)], $order[($here + 1) % count($order)]];
        $this->asks = match (true) {
            $walk !== null => self::WALKED_FOR[$walk->what] ?? EntryKind::Plumb,
            $this->move !== null && in_array($this->move->asks, self::ASKED_HERE, true) => $this->move->asks,
            $this->stands->set => EntryKind::Plumb,
            default => null,
        };
        $filling = $site->filling($post);
        $this->pours = $this->hasFill() && ($this->asks === EntryKind::Filled || ($filling->isBegun() && ! $filling->isDone()));
        $this->forms = array_map(fn (array $form) => [$form[0], $form[1]], array_filter($this->all(), fn (array $form) => $form[2]));
    }

    /** The view of the form that is open; null where none is. */
    public function open(): ?string
    {
        foreach ($this->forms as $view => [, $kind]) {
            if ($kind === $this->asks) {
                return $view;
            }
        }

        return null;
    }

    /** Whether the form that is open is not already part of the next move. */
    public function opensApart(): bool
    {
        return $this->open() !== null && $this->asks !== $this->move?->asks;
    }

    /** Whether something is filled into a hole that was dug. */
    public function hasFill(): bool
    {
        return $this->dug !== null && $this->hold->isDug();
    }

    public function isFilled(): bool
    {
        return $this->site->isFilled($this->post);
    }

    /** Which face is meant by which name, where they look askew; empty where they look as the job’s sides do. */
    public function turnedFaces(): string
    {
        $degrees = (int) round(rad2deg($this->site->plan->turnOf($this->post->id)));

        return $degrees === 0 ? '' : Say::text(
            $degrees > 0 ? 'set.post_page.turned_left' : 'set.post_page.turned_right', degrees: abs($degrees), own: $this->sides->minusY,
            side: $this->site->plan->sides->minusY,
        );
    }

    /** As far as it has come, in a few words. */
    public function standing(): string
    {
        return ($this->stands->set ? Say::text('page.is_set') : Say::text('page.not_set')).($this->isFilled()
            ? Say::text('set.post_page.filled')
            : '').($this->site->cut->isCut($this->post) ? Say::text('set.post_page.cut') : '');
    }

    /** Whether the form of such an entry stands on the page of a post. */
    public static function asksHere(EntryKind $kind): bool
    {
        return in_array($kind, self::ASKED_HERE, true);
    }

    /** Whether its lean can be taken as it is, with a reason: it leans too much, or nobody can tell. */
    public function mayTakeItsLean(): bool
    {
        return $this->stands->isOut() || $this->stands->isTooRoughlyRead();
    }

    /** So much a phone may be off over that length: one standard deviation. */
    public function phoneOver(bool $turnedOver): string
    {
        $slope = $turnedOver ? LeanMeasure::PHONE_TWICE : LeanMeasure::PHONE_ONCE;

        return $this->site->plan->write($this->site->plan->notation->system()->run->times($slope));
    }

    /** In which phase a picture of it is taken. */
    public function phase(): string
    {
        return $this->site->cut->isCut($this->post) ? 'cut' : ($this->stands->set ? 'set' : 'footing');
    }

    /** How far up its foot the line was drawn, as last read, else as its hole has it. */
    public function lineUp(): string
    {
        $up = $this->site->log->latest(EmbedmentLine::class, $this->post->id)?->up;
        [$need, $foot] = [$this->site->footing->required($this->post)?->need, $this->site->footing->foot($this->post)];
        $up ??= $need === null || $foot === null ? null : $need->ground->minus($foot);

        return $up === null ? '' : $this->site->plan->write($up);
    }

    /** The height that a rule asks for; null where none does. */
    public function byRule(): ?TopByRule
    {
        return TopByRule::of($this->site);
    }

    /** Whether what is out of that rule may be taken, with a reason. */
    public function mayTakeItsHeight(): bool
    {
        return $this->move?->do->is === KeepTopInItsBand::HeightStaysOut;
    }

    /** @return array<string, array{string, EntryKind, bool}> every form of a post, and whether it can be wanted now */
    private function all(): array
    {
        $waitsForFill = $this->dug !== null && ! $this->isFilled();
        $hasTops = $this->site->plan->tops !== null;

        return [
            'set.forms.hole' => [
                Say::text('set.post_page.a_hole_as_dug'), EntryKind::Hole,
                $this->site->footing->required($this->post) !== null && ! $this->stands->set,
            ],
            'set.forms.standing' => [Say::text('set.post_page.the_post_stands'), EntryKind::PostSet, ! $this->stands->set],
            'set.forms.plumb' => [Say::text('set.post_page.a_face_with_the_level'), EntryKind::Plumb, $this->stands->set],
            'set.forms.ready' => [Say::text('set.post_page.ready_to_fill'), EntryKind::Ready, $waitsForFill],
            'set.forms.check' => [Say::text('set.post_page.one_measure_again_another_way'), EntryKind::CrossChecked, $waitsForFill],
            'set.forms.filled' => [Say::text('set.post_page.the_fill'), EntryKind::Filled, $this->dug !== null],
            'set.forms.top' => [Say::text('set.post_page.its_top'), EntryKind::Top, $hasTops && $this->stands->set],
            'set.forms.line' => [Say::text('set.post_page.its_line'), EntryKind::EmbedmentLine, $this->stands->set && $this->hold->isBuried()],
            'set.forms.top-over' => [
                Say::text('set.post_page.its_top_over_the_road'), EntryKind::TopOver, $this->byRule() !== null && $this->stands->set,
            ],
            'set.forms.cut' => [
                Say::text('set.post_page.the_cut'), EntryKind::PostCut, $hasTops && ! $this->site->cut->isCut($this->post)
                    && $this->site->hindersCut($this->post) === null,
            ],
            'set.forms.twist' => [Say::text('set.post_page.twist'), EntryKind::Twist, $this->stands->set],
        ];
    }

    /** Whether a form that was sent stands in that view: it is open then, with the reason beside its field. */
    public function isOf(string $view, string $form): bool
    {
        return $form !== '' && str_starts_with('set.forms.'.strtr($form, '_', '-').'-', "{$view}-");
    }
}
