<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aequus\Measure\LengthReader;
use Aequus\Measure\Notation;
use Aequus\Measure\Refusal;
use Aequus\Measure\Unit;
use Aequus\Words\Speech;
use App\Type\Say;
use App\Type\Typeset;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Says back how a typed length is understood, before it is stored. */
final class EchoController extends Controller
{
    public function __invoke(Request $request): Response
    {
        $typed = (string) array_values(array_filter($request->except('unit'), is_string(...)) ?: [''])[0];
        if (trim($typed) === '') {
            return response('');
        }
        $unit = Unit::tryFrom($request->string('unit')->value()) ?? Unit::Millimetre;
        try {
            $length = LengthReader::read($typed, $unit);
        } catch (Refusal $refusal) {
            return response('<span class="echo-refused">'.e((string) (new Speech)->say($refusal->fact)).'</span>');
        }
        // Fractions and decimals beside each other: whoever reads a tape in the one sees at once what was understood.
        $other = $unit->system()->isDivided ? Notation::millimetres(1) : Notation::feetInches(64);

        return response(
            Say::text('answers.echo.read', own: Typeset::length(Notation::finest($unit), $length), other: Typeset::length($other, $length)),
        );
    }
}
