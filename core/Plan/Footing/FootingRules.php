<?php

declare(strict_types=1);

namespace Aequus\Plan\Footing;

use Aequus\Measure\Length;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\PostRole;
use Aequus\Plan\Terms\FootingRuleRefusal;
use Aequus\Plan\Terms\PlanRefused;

/** What was decided about depth for the whole job, and which of its posts must stand firmer. Heights are above the benchmark’s zero. */
final readonly class FootingRules
{
    /** @var ByPost<PostRole> roles that were named; corners of the outline need not be */
    public ByPost $roles;

    /**
     * @param  Length  $pad  thickness of the bearing pad under the post
     * @param  Length  $gravel  thickness of the drainage gravel under the pad
     * @param  Length  $leastGravel  how thin the gravel may become in a hole that comes out short
     * @param  ?Length  $finishedGrade  level height of the finished ground; null where it stays as it is
     * @param  bool  $fillBeforeFirstFrost  whether the finished grade is there before the first winter
     * @param  ?Length  $askedPlane  a foot level asked for, lower than the rules need
     * @param  ?ByPost<PostRole>  $roles  null for none named; corners of the outline need not be named
     * @param  Firmer  $firmer  whether corners stand firmer without being named
     *
     * @throws PlanRefused naming the figure that can't be
     */
    public function __construct(
        public Length $frost,
        public Length $margin,
        public LeastEmbedment $embedment,
        public Length $pad,
        public Length $gravel,
        public Length $leastGravel,
        public DepthMode $mode,
        public ?Length $finishedGrade = null,
        public bool $fillBeforeFirstFrost = false,
        public ?Length $askedPlane = null,
        public LeastDepths $least = new LeastDepths,
        ?ByPost $roles = null,
        public Firmer $firmer = Firmer::CornersAndNamed,
    ) {
        $this->roles = $roles ?? ByPost::none();
        foreach ([
            [FootingRuleRefusal::FrostBelowZero, $frost], [FootingRuleRefusal::MarginBelowZero, $margin], [FootingRuleRefusal::PadBelowZero, $pad],
            [FootingRuleRefusal::GravelBelowZero, $gravel], [FootingRuleRefusal::LeastGravelBelowZero, $leastGravel],
        ] as [$below, $length]) {
            if ($length->isNegative()) {
                throw PlanRefused::footingRule($below);
            }
        }
        if ($leastGravel->isLongerThan($gravel)) {
            throw PlanRefused::footingRule(FootingRuleRefusal::LeastGravelAbovePlanned);
        }
        if ($frost->isLongerThan(Length::feet(12))) {
            throw PlanRefused::footingRule(FootingRuleRefusal::FrostBeyondReach);
        }
    }

    /**
     * The same rules with the depths chosen another way.
     *
     * @param  ?Length  $plane  asked for, where all feet share one
     */
    public function dug(DepthMode $mode, ?Length $plane): self
    {
        return new self(
            $this->frost, $this->margin, $this->embedment, $this->pad, $this->gravel, $this->leastGravel, $mode, $this->finishedGrade,
            $this->fillBeforeFirstFrost,
            $mode === DepthMode::CommonPlane ? $plane : null, $this->least, $this->roles, $this->firmer,
        );
    }
}
