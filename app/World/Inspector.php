<?php

declare(strict_types=1);

namespace App\World;

/** Who looks before a hole is filled, and after. */
interface Inspector extends StandIn
{
    /**
     * @param  string  $askedOn  as YYYY-MM-DD
     * @param  string  $what  is looked at
     * @param  string  $where  any name of a place: the same is answered alike
     * @param  int  $time  how often that was asked before, from 0
     */
    public function book(string $askedOn, string $what, string $where, int $time): Visit;
}
