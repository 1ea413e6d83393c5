<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use Aequus\Site\Caution;
use App\Http\Controllers\Controller;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** A caution that was read folds to a mark. */
final class CautionController extends Controller
{
    public function __invoke(Request $request, string $caution): RedirectResponse
    {
        abort_if(Caution::tryFrom($caution) === null, 404);
        DB::table('read_cautions')->insertOrIgnore(['user_id' => $this->user($request)->id, 'caution' => $caution, 'read_at' => now()]);

        return back();
    }
}
