<?php

declare(strict_types=1);

namespace App\Drawing;

use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Thing\Make\Profile;
use Aequus\Thing\Make\ProfilePiece;
use Aequus\Thing\Make\ProfileShape;
use App\Type\Typeset;

/** A thing seen from the side, fitted onto paper: up is up, the ground a line. */
final readonly class ProfileDrawing
{
    public const WIDTH = 500;

    private const TALLEST = 360;

    private const MARGIN = 30;

    /** Heights are told to the right of their line. */
    private const MARGIN_BESIDE = 76;

    /** How far a label stands beside the line that it belongs to. */
    private const BESIDE = 7;

    public float $height;

    public float $groundY;

    /** @var list<array{class: string, x: float, y: float, width: float, height: float}> */
    public array $boxes;

    /** @var list<array{class: string, x1: float, y1: float, x2: float, y2: float}> what slopes */
    public array $slopes;

    /** @var list<array{x1: float, y1: float, x2: float, y2: float, ticks: string, labelX: float, labelY: float, anchor: string, label: string, words: string}> */
    public array $told;

    private float $scale;

    private float $left;

    private float $top;

    public function __construct(Profile $profile, Notation $notation)
    {
        /** @param  callable(ProfilePiece): Length  $of */
        $mm = fn (callable $of): array => array_map(fn (ProfilePiece $piece) => $of($piece)->inMillimetres(), $profile->pieces);
        [$left, $right] = [min(0.0, ...$mm(fn (ProfilePiece $p) => $p->left)), max(0.0, ...$mm(fn (ProfilePiece $p) => $p->right))];
        $heights = [0.0, ...$mm(fn (ProfilePiece $p) => $p->low), ...$mm(fn (ProfilePiece $p) => $p->high)];
        [$low, $high] = [min($heights), max($heights)];
        $room = self::WIDTH - 2 * self::MARGIN_BESIDE;
        $this->scale = min($room / max(1.0, $right - $left), (self::TALLEST - 2 * self::MARGIN) / max(1.0, $high - $low));
        $this->left = self::MARGIN_BESIDE + ($room - ($right - $left) * $this->scale) / 2 - $left * $this->scale;
        $this->top = self::MARGIN + $high * $this->scale;
        $this->height = round(2 * self::MARGIN + ($high - $low) * $this->scale, 1);
        $this->groundY = round($this->top, 1);
        $isTold = fn (ProfilePiece $piece): bool => in_array($piece->shape, [ProfileShape::Across, ProfileShape::Up], true);
        $isSloped = fn (ProfilePiece $piece): bool => in_array($piece->shape, [ProfileShape::Roof, ProfileShape::Outline], true);
        $this->boxes = array_values(array_map(
            $this->box(...), array_filter($profile->pieces, fn (ProfilePiece $piece) => ! $isTold($piece) && ! $isSloped($piece)),
        ));
        $this->slopes = array_values(array_map(fn (ProfilePiece $piece) => [
            'class' => "profile-{$piece->shape->value}", 'x1' => $this->x($piece->left->inMillimetres()),
            'y1' => $this->y($piece->low->inMillimetres()),
            'x2' => $this->x($piece->right->inMillimetres()), 'y2' => $this->y($piece->high->inMillimetres()),
        ], array_filter($profile->pieces, $isSloped)));
        $this->told = array_values(array_map(
            fn (ProfilePiece $piece) => $this->told($piece, $notation),
            array_filter($profile->pieces, fn (ProfilePiece $piece) => $isTold($piece) && ! $piece->figure()->isZero()),
        ));
    }

    /** How much of the paper lies below the ground. */
    public function below(): float
    {
        return round($this->height - $this->groundY, 1);
    }

    /** Every length it tells, for those who can’t see it. */
    public function words(): string
    {
        return implode('; ', array_column($this->told, 'words'));
    }

    /** @return array{class: string, x: float, y: float, width: float, height: float} */
    private function box(ProfilePiece $piece): array
    {
        [$x, $y] = [$this->x($piece->left->inMillimetres()), $this->y($piece->high->inMillimetres())];

        return [
            'class' => "profile-{$piece->shape->value}", 'x' => $x, 'y' => $y,
            'width' => round(max(1.5, $this->x($piece->right->inMillimetres()) - $x), 1),
            'height' => round(max(1.5, $this->y($piece->low->inMillimetres()) - $y), 1),
        ];
    }

    /** @return array{x1: float, y1: float, x2: float, y2: float, ticks: string, labelX: float, labelY: float, anchor: string, label: string, words: string} */
    private function told(ProfilePiece $piece, Notation $notation): array
    {
        [$x1, $y1] = [$this->x($piece->left->inMillimetres()), $this->y($piece->low->inMillimetres())];
        [$x2, $y2] = [$this->x($piece->right->inMillimetres()), $this->y($piece->high->inMillimetres())];
        $isUp = $piece->shape === ProfileShape::Up;
        $ticks = $isUp ? sprintf('M%1$.1f %2$.1fh10M%1$.1f %3$.1fh10', $x1 - 5, $y1, $y2)
            : sprintf('M%1$.1f %3$.1fv10M%2$.1f %3$.1fv10', $x1, $x2, $y1 - 5);

        return [
            'x1' => $x1, 'y1' => $y1, 'x2' => $x2, 'y2' => $y2, 'ticks' => $ticks,
            'labelX' => round(($x1 + $x2) / 2 + ($isUp ? self::BESIDE : 0), 1),
            'labelY' => round(($y1 + $y2) / 2 + ($isUp ? 5 : -self::BESIDE), 1), 'anchor' => $isUp ? 'start' : 'middle',
            'label' => Typeset::svg($notation, $piece->figure()), 'words' => $notation->write($piece->figure()),
        ];
    }

    private function x(float $millimetres): float
    {
        return round($this->left + $millimetres * $this->scale, 1);
    }

    private function y(float $millimetres): float
    {
        return round($this->top - $millimetres * $this->scale, 1);
    }
}
