<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

use Aequus\Plan\Work\Crew;

/** Which custom is followed in each matter in which builders differ. */
final readonly class Customs
{
    public function __construct(
        public Mixing $mixing = Mixing::Before,
        public FootBed $foot = FootBed::Usual,
        public BuildOrder $build = BuildOrder::RowByRow,
        public FillOrder $fillOrder = FillOrder::AllThenFill,
        public BracesOff $bracesOff = BracesOff::Day,
        public WoodCare $wood = WoodCare::Factory,
        public FillEnd $fillEnd = FillEnd::Flush,
        public CureDatum $cureDatum = new CureDatum,
    ) {
    }

    /** Where nobody decided: whoever works alone fills each post as it stands, for nobody holds the others. */
    public static function usual(Crew $crew): self
    {
        return new self(fillOrder: $crew === Crew::Alone ? FillOrder::EachAsItStands : FillOrder::AllThenFill);
    }

    /** @return array<string, Custom> those that are chosen from a list, by the name of the matter, as it is stored */
    public function all(): array
    {
        return [
            'mixing' => $this->mixing, 'foot' => $this->foot, 'build' => $this->build, 'fill_order' => $this->fillOrder,
            'braces_off' => $this->bracesOff, 'wood' => $this->wood, 'fill_end' => $this->fillEnd,
        ];
    }

    /**
     * @param  array<string, string>  $stored  values by the name of the matter; what is missing or unknown is as usual
     */
    public static function of(array $stored, CureDatum $cureDatum = new CureDatum): self
    {
        $usual = new self;

        return new self(
            Mixing::tryFrom($stored['mixing'] ?? '') ?? $usual->mixing,
            FootBed::tryFrom($stored['foot'] ?? '') ?? $usual->foot,
            BuildOrder::tryFrom($stored['build'] ?? '') ?? $usual->build,
            FillOrder::tryFrom($stored['fill_order'] ?? '') ?? $usual->fillOrder,
            BracesOff::tryFrom($stored['braces_off'] ?? '') ?? $usual->bracesOff,
            WoodCare::tryFrom($stored['wood'] ?? '') ?? $usual->wood,
            FillEnd::tryFrom($stored['fill_end'] ?? '') ?? $usual->fillEnd,
            $cureDatum,
        );
    }
}
