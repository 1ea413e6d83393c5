<?php

declare(strict_types=1);

namespace App\World;

/** Who marks buried lines, once somebody asked. */
interface MarkingDesk extends StandIn
{
    /**
     * @param  string  $askedOn  as YYYY-MM-DD
     * @param  string  $runsOut  the day on which the notice runs out, by which it should have answered
     * @param  string  $where  any name of a place: the same is answered alike
     */
    public function answer(string $askedOn, string $runsOut, string $where): MarksAnswer;
}
