<?php

declare(strict_types=1);

namespace Aequus\Thing\Socket;

use Aequus\Measure\Length;
use Aequus\Thing\Terms\ThingRefused;

/** A hole in sound concrete that a new post goes into: the post stands plumb, not along the socket. */
final readonly class Socket
{
    public TakeOff $asGiven;

    public TakeOff $turned;

    /** The way round that takes less off. */
    public TakeOff $better;

    /**
     * @param  Length  $p  of the post, into side a as it is given
     * @param  Length  $q  into side b
     * @param  Length  $clearance  on each side
     *
     * @throws ThingRefused when no plumb post fits, or none at the place asked
     */
    public function __construct(public SocketSide $a, public SocketSide $b, Length $p, Length $q, Length $clearance)
    {
        foreach ([$a, $b] as $side) {
            if (! $side->clear->isLongerThan($clearance->times(2))) {
                throw ThingRefused::noPlumbPostFits($side->name);
            }
            if (! $side->roomMinus()->isLongerThan($clearance) || ! $side->roomPlus()->isLongerThan($clearance)) {
                throw ThingRefused::placeOutsideTheSocket($side->name);
            }
        }
        $this->asGiven = TakeOff::of($a, $b, $p, $q, $clearance, false);
        $this->turned = TakeOff::of($a, $b, $q, $p, $clearance, true);
        $this->better = $this->turned->isBetterThan($this->asGiven) ? $this->turned : $this->asGiven;
    }
}
