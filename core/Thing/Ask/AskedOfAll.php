<?php

declare(strict_types=1);

namespace Aequus\Thing\Ask;

use Aequus\Plan\Work\Crew;
use Aequus\Plan\Work\Lasting;
use Aequus\Plan\Work\Make;
use Aequus\Plan\Work\Timber;
use Aequus\Plan\Work\Work;
use Aequus\Thing\Terms\Ask;

/** What is asked once of every thing, folded away after its own questions: who works, how long it shall stand, and what its posts are made of. */
final class AskedOfAll
{
    /** @return non-empty-list<Asked> where posts come as they are, or are no timber */
    public static function work(): array
    {
        return [
            Asked::pick(Ask::Crew, Pick::WithHelp, Pick::Alone)->folded(),
            Asked::pick(Ask::Lasting, Pick::Stays, Pick::OffForWinter, Pick::Renewed, Pick::PulledOut)->folded(),
        ];
    }

    /** @return non-empty-list<Asked> where posts are chosen, of timber */
    public static function timber(): array
    {
        return [
            Asked::pick(Ask::Make, Pick::Sawn, Pick::RoughSawn, Pick::Pole, Pick::TwoPieces)->folded(),
            Asked::pick(Ask::Timber, Pick::WetTreated, Pick::DrySoftwood, Pick::Hardwood, Pick::GreenOak)->folded(),
            ...self::work(),
        ];
    }

    /** What the answers to them come to; as usual where nothing was asked. */
    public static function heard(Heard $heard): Work
    {
        $value = fn (Ask $ask): string => ($answer = $heard->of($ask)) instanceof Pick ? $answer->value : '';
        $usual = new Work;

        return new Work(
            Crew::tryFrom($value(Ask::Crew)) ?? $usual->crew, Lasting::tryFrom($value(Ask::Lasting)) ?? $usual->lasting,
            Timber::tryFrom($value(Ask::Timber)) ?? $usual->timber, Make::tryFrom($value(Ask::Make)) ?? $usual->make,
        );
    }
}
