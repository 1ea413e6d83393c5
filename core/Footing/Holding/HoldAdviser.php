<?php

declare(strict_types=1);

namespace Aequus\Footing\Holding;

use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\HoldingSite;

/** Ranks the ways of holding posts for a site. Each reason is worth points and is said; the user decides. */
final readonly class HoldAdviser
{
    /** @var list<HoldAdvice> the best first; those that are impossible last */
    public array $ranked;

    public function __construct(HoldingSite $site)
    {
        $advice = array_map(fn (Hold $hold) => $this->advise($hold, $site), Hold::cases());
        usort($advice, fn (HoldAdvice $one, HoldAdvice $other) => [$other->possible, $other->leads, $other->points] <=> [$one->possible, $one->leads, $one->points]);
        $this->ranked = $advice;
    }

    /** The way that ranks first on a site; null where none may lead. */
    public static function best(HoldingSite $site): ?Hold
    {
        $first = (new self($site))->ranked[0];

        return $first->leads ? $first->hold : null;
    }

    private function advise(Hold $hold, HoldingSite $site): HoldAdvice
    {
        $points = 0;
        $for = $against = [];
        foreach ($this->reasons($hold, $site) as [$worth, $says]) {
            $points += $worth;
            $worth > 0 ? $for[] = $says : $against[] = $says;
        }
        $behind = $this->cannotLead($hold, $site);
        if ($behind !== null) {
            array_unshift($against, $behind);
        }
        $banned = in_array($hold, $site->banned, true);
        if ($banned) {
            array_unshift($against, 'It is not allowed here.');
        }
        $bears = $site->carriesWeight() && ($hold === Hold::Foam || $hold === Hold::Driven);
        $driven = $hold === Hold::Driven && ($site->wood || $site->soil->isStony());

        $possible = ! $banned && ! $bears && ! $driven;

        return new HoldAdvice($hold, $points, $for, $against, $possible, $possible && $behind === null);
    }

    /** Why a way is never the first choice on a site, however light or cheap it is; null where it may be. */
    private function cannotLead(Hold $hold, HoldingSite $site): ?string
    {
        return match (true) {
            $hold === Hold::Foam && $site->noBrace => 'Foam does not lead where nothing else keeps the frame upright.',
            $hold === Hold::Foam && $site->water => 'Foam does not lead in wet ground.',
            ($hold === Hold::Earth || $hold === Hold::Gravel) && $site->roof && ! $site->holdDown => 'It does not lead under a roof that can lift, until a cleat, a collar or screws near each foot are named.',
            default => null,
        };
    }

    /** @return list<array{int, string}> */
    private function reasons(Hold $hold, HoldingSite $site): array
    {
        $loose = $site->soil === Soil::Sand || $site->soil === Soil::SiltyOrClayeySand;
        $all = match ($hold) {
            Hold::Concrete => [
                [$site->noBrace, 2, 'A wide collar takes a push from the side best where nothing else braces the frame.'],
                [$site->roof, 1, 'Its weight holds a roof down.'],
                [$loose, 1, 'Loose ground does not have to hold the post: the collar spreads it.'],
                [$site->soil === Soil::Clay, -1, 'In clay frost can grip a rough collar; keep it no wider at the top than at the foot.'],
                [$site->wood, -1, 'Wood in concrete rots at the ground line if water stands there: slope the top, and let the foot drain.'],
                [$site->repair, -2, 'A post in concrete comes out only with its collar.'],
                [$site->water, -1, 'Bags do not set as they should in standing water: pump dry, or pour through a pipe.'],
                [$site->carried, -2, 'It needs the most bags and water, all carried in.'],
            ],
            Hold::Collar => [
                [$site->carried, 1, 'It takes a third of the bags a full hole does.'],
                [$site->noBrace, 1, 'The collar holds where a post bends most, at the ground line.'],
                [$loose, -2, 'Sand below the collar does not tamp firm.'],
                [$site->roof, -1, 'It holds little down: the earth under it lifts nothing.'],
                [$site->soil === Soil::Clay, -2, 'In clay frost grips the collar from the side and lifts it.'],
                [$site->wood, -1, 'The wood is wettest just where the collar holds the water.'],
                [$site->repair, -1, 'The collar has to be broken out.'],
                [$site->water, -1, 'Wet earth does not tamp under it.'],
            ],
            Hold::Earth => [
                [$site->carried, 2, 'Only the pad is carried in; the earth is there.'],
                [$site->repair, 1, 'It can be dug out again.'],
                [$loose, -2, 'Sand does not tamp firm round a post.'],
                [$site->water, -2, 'Wet earth does not tamp.'],
                [$site->roof, -1, 'Earth alone does not hold a post down: a cleat at the foot must.'],
                [$site->carriesWeight(), -1, 'Earth settles under a load: a wide pad must carry it.'],
                [$site->noBrace, -1, 'Earth gives before a collar does when the frame is not braced.'],
                [$site->soil === Soil::Clay && $site->wood, -1, 'Clay holds water against the wood.'],
            ],
            Hold::Gravel => [
                [$site->wood, 2, 'It drains: the wood dries out after rain.'],
                [$site->repair, 2, 'It can be dug out and used again.'],
                [$site->water, 1, 'It tamps firm in the wet, where bags would not set.'],
                [$site->noBrace, -1, 'It holds a push from the side less well than a collar.'],
                [$site->carried, -1, 'Gravel is as heavy as concrete to carry, though no water is.'],
                [$site->roof, -1, 'Gravel does not hold a post down: a cleat at the foot must.'],
            ],
            Hold::Pier => [
                [$site->wood, 2, 'The wood stands above the ground and stays dry.'],
                [$site->repair, 2, 'The post is unscrewed, the pier stays.'],
                [$site->carriesWeight(), 1, 'It carries weight well.'],
                [$site->noBrace, -4, 'A base lets the post turn: the frame must be braced, or the pier holds nothing upright.'],
                [$site->carried, -2, 'It needs the most concrete, and a second visit.'],
                [$site->water, -1, 'The tube must be dry and held down while it is poured.'],
            ],
            Hold::Driven => [
                [$site->carried, 2, 'Nothing but the posts is carried in.'],
                [$site->repair, 1, 'It can be pulled.'],
                [$site->water, 1, 'No hole stands open to fill with water.'],
                [$site->wood, -3, 'A wooden post splits under the blows: this is for steel.'],
                [$site->carriesWeight(), -3, 'Nobody knows what it carries: not under a roof or floor.'],
                [$site->noBrace, -1, 'A thin post gives in soft ground.'],
                [$site->soil->isStony(), -3, 'Stones turn it out of plumb.'],
            ],
            Hold::Foam => [
                [$site->carried, 3, 'It is the lightest to carry, and takes no water.'],
                [$site->carriesWeight(), -3, 'Foam carries no weight and holds nothing down: not under a roof or floor.'],
                [$site->water, -1, 'Standing water comes into the foam; pump it out first.'],
                [$site->repair, -1, 'It clings to the post.'],
                [$site->soil === Soil::Clay || $loose, -1, 'In soft ground it takes a push from the side over a narrow front only.'],
            ],
        };

        return array_values(array_map(fn (array $reason): array => [$reason[1], $reason[2]], array_filter($all, fn (array $reason) => $reason[0])));
    }
}
