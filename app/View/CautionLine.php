<?php

declare(strict_types=1);

namespace App\View;

use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Site\Caution;
use Aequus\Site\Step;
use Aequus\Words\Site\CautionWords;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

/** A caution beside the step it belongs to: one line, with more to open, folded to a mark once this person has read it. */
final readonly class CautionLine
{
    private function __construct(public string $key, public string $line, public string $more, public bool $read)
    {
    }

    /** @return list<self> */
    public static function at(Step $step, Plan $plan, ?Post $post = null, ?Hold $way = null): array
    {
        $read = DB::table('read_cautions')->where('user_id', Auth::id())->pluck('caution')->all();

        return array_map(
            fn (Caution $caution) => new self(
                $caution->value, CautionWords::line($caution), CautionWords::more($caution), in_array($caution->value, $read, true),
            ),
            Caution::at($step, $plan, $post, $way),
        );
    }
}
