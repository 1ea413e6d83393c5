<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Http\Controllers\Controller;
use App\Http\Requests\Entries\EntryRequest;
use App\Type\Say;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Who reads while another types: the name stands on every entry of this sign-in until it is changed. */
final class HelperController extends Controller
{
    public function __invoke(Request $request): RedirectResponse
    {
        $name = mb_substr($request->string('helper')->trim()->value(), 0, 80);
        $request->session()->put(EntryRequest::READ_BY, $name);

        return back()->with(
            'said', $name === '' ? Say::text('answers.helper.entries_carry_your_own_name') : Say::text(
                'answers.helper.reads_now_every_entry_says', name: $name,
            ),
        );
    }
}
