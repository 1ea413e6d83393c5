<?php

declare(strict_types=1);

namespace App\Cut;

use Aequus\Cut\Members;
use Aequus\Cut\Seat;
use Aequus\Measure\Length;
use Aequus\Plan\Terms\Side;
use Aequus\Site\SiteState;
use App\Type\Say;
use App\View\QueryForm;

/**
 * What is marked on a member before it goes up: rafters, joists, battens or boards across a length, every mark from one zero. Asked in the address.
 */
final readonly class SetOut
{
    /** How they are spread. */
    private const SPREAD = ['even', 'fewest', 'centres', 'dividers'];

    public string $spread;

    /** Of the member that is marked: a beam along x or y with its overhangs. */
    public Length $length;

    public Length $overhang;

    public bool $alongX;

    public Length $thickness;

    public ?Members $members;

    /** @var array<string, Length> where the centres of the posts lie on the same member, by their line */
    public array $posts;

    /** Blocks between them, each cut to the gap; null at fixed centres, where the last bay differs. */
    public ?Length $block;

    public ?Seat $seat;

    public function __construct(public QueryForm $sums, SiteState $site)
    {
        $plan = $site->plan;
        $usual = $plan->notation->system();
        $typed = fn (string $field, Length $default): Length => ($sums->lengths([$field]) ?? [$default])[0];
        $this->alongX = $sums->typed('along') !== 'y';
        $this->overhang = $typed('overhang', Length::zero());
        $axis = $this->alongX ? Side::PlusX : Side::PlusY;
        $span = ($this->alongX ? $plan->grid->columns : $plan->grid->rows)->length();
        $marks = $plan->marks($axis);
        $outside = $marks[count($marks) - 1]->farFace->minus($marks[0]->nearFace);
        $this->length = $typed('length', Members::beam($outside, $this->overhang));
        $this->thickness = $typed('thickness', $usual->joist);
        $this->spread = in_array($sums->typed('spread'), self::SPREAD, true) ? $sums->typed('spread') : 'fewest';
        $gap = $typed('gap', $usual->centres);
        $count = (int) ($sums->number('count', 2, 2000) ?? 2);
        $this->members = $sums->refusals !== []
            ? null : $sums->attempt([
                'even' => 'count', 'fewest' => 'gap', 'centres' => 'gap', 'dividers' => 'count',
            ][$this->spread], fn () => match ($this->spread) {
                'even' => Members::even($this->length, $count, $this->thickness),
                'dividers' => Members::dividers($this->length, $count, $this->thickness),
                'centres' => Members::atCentres($this->length, $this->thickness, $gap),
                default => Members::even($this->length, max(2, Members::fewest($this->length, $this->thickness, $gap)), $this->thickness),
            });
        $this->block = $this->members?->gap;
        $posts = [];
        $zero = $this->length->minus($outside)->half()->minus($marks[0]->nearFace);
        foreach (($this->alongX ? $plan->grid->columns : $plan->grid->rows)->lines as $i => $line) {
            $posts[$this->alongX ? $plan->grid::letters($i) : (string) ($i + 1)] = $zero->plus($line->at);
        }
        $this->posts = $posts;
        $beam = $sums->lengths(['beam']);
        $this->seat = $beam === null ? null : $sums->attempt(
            'notch', fn () => new Seat($plan->post->thicker(), $beam[0], $typed('notch', $plan->post->thicker()->times(1 / 3))),
        );
    }

    /** @return array<string, string> how they may be spread, in words */
    public static function spreads(): array
    {
        return array_combine(self::SPREAD, array_map(fn (string $spread) => Say::text("cut.set_out.spread_{$spread}"), self::SPREAD));
    }
}
