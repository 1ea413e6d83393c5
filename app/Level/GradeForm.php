<?php

declare(strict_types=1);

namespace App\Level;

use Aequus\Level\CutAndFill;
use Aequus\Level\FinishedGrade;
use Aequus\Measure\Length;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Side;
use Aequus\Site\SiteState;
use App\Type\Say;
use App\View\QueryForm;

/** A finished grade asked in the address, and what it would take in earth. */
final readonly class GradeForm
{
    public ?CutAndFill $work;

    public ?Side $toward;

    public function __construct(public QueryForm $sums, SiteState $site)
    {
        $this->toward = Side::tryFrom($sums->typed('toward'));
        $height = $sums->lengths(['grade']);
        $fall = $this->toward === null ? null : $sums->lengths(['grade_fall', 'grade_over']);
        if ($fall !== null && ! $fall[1]->isPositive()) {
            $sums->refusals['grade_over'] = Say::text('level.grade.a_fall_is_counted_over');
        }
        $slope = $fall === null || ! $fall[1]->isPositive() ? 0.0 : $fall[0]->nanometres / $fall[1]->nanometres;
        $this->work = $height === null || $sums->refusals !== [] ? null : new CutAndFill(
            $site->plan, $site->level->ground, new FinishedGrade($height[0], $this->toward, $slope),
        );
    }

    /** To be cut at a post, filled where it is negative; null where nothing is asked or the ground is not read. */
    public function heightOf(Post $post): ?Length
    {
        return $this->work->heights[$post] ?? null;
    }
}
