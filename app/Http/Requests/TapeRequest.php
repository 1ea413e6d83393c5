<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Aequus\Logbook\Payload;
use Aequus\Logbook\TapeLay;
use Aequus\Logbook\TapeReading;
use Aequus\Measure\Length;
use Aequus\Measure\LengthReader;
use Aequus\Measure\TapeClass;
use Aequus\Measure\TapeConditions;
use Aequus\Plan\Plan;
use Aequus\Plan\PostId;

/** A tape pulled between two stakes: fields, or one quick line such as “a1-c3 36' 10 1/4”. */
final class TapeRequest extends EntryRequest
{
    protected const MAIN_FIELD = 'distance';

    /** A reading so many times as long as the plan has it, or as short, is asked about before it is stored. */
    private const ASKED_ABOUT = 3.0;

    protected function payload(Plan $plan): ?Payload
    {
        if ($this->text('quick') !== '') {
            return $this->quick($plan);
        }
        [$from, $to, $distance, $tape] = [$this->postAt($plan, 'from'), $this->postAt($plan, 'to'), $this->measure('distance', $plan), $this->choice('tape', TapeClass::class)];
        $lay = $this->text('lay') === '' ? TapeLay::Level : $this->choice('lay', TapeLay::class);
        $rise = $lay === TapeLay::AlongGround ? $this->lengthOrNone('rise', $plan->notation->unit) : null;
        $conditions = $this->conditions($tape);
        if (! $from || ! $to || ! $distance || ! $tape || ! $lay || $this->refusals !== []) {
            return null;
        }
        $this->askAbout($plan, $from, $to, $distance, 'distance');

        return $this->refusals === [] ? new TapeReading($from, $to, $distance, $tape, mb_substr($this->text('tape_name'), 0, 40), $lay, $rise, $conditions) : null;
    }

    private function quick(Plan $plan): ?TapeReading
    {
        if (! preg_match('/^\s*([a-z]+\d+)\s*[-–\s]\s*([a-z]+\d+)[\s:=]+(.+)$/iu', $this->text('quick'), $typed)) {
            $this->refuse('quick', 'Two stakes and a length are wanted, such as a1-c3 36\' 10 1/4.');

            return null;
        }
        [$from, $to, $distance] = [
            $this->at('quick', fn () => $plan->grid->labelled($typed[1])->id), $this->at('quick', fn () => $plan->grid->labelled($typed[2])->id),
            $this->at('quick', fn () => LengthReader::read($typed[3], $plan->notation->unit)),
        ];
        if ($from !== null && $to !== null && $distance !== null) {
            $this->askAbout($plan, $from, $to, $distance, 'quick');
        }

        return $from === null || $to === null || $distance === null || $this->refusals !== [] ? null
            : $this->at('quick', fn () => new TapeReading($from, $to, $distance, TapeClass::tryFrom($this->text('tape')) ?? $plan->layout->tape));
    }

    /** Far from what the plan has: probably a slip of the finger, and if not, one tick stores it. */
    private function askAbout(Plan $plan, PostId $from, PostId $to, Length $distance, string $field): void
    {
        [$one, $other] = [$plan->grid->find($from), $plan->grid->find($to)];
        if ($one === null || $other === null || $from->equals($to) || ! $distance->isPositive() || $this->boolean('sure')) {
            return;
        }
        $planned = $one->at->distanceTo($other->at);
        $times = $distance->nanometres / max(1, $planned->nanometres);
        if ($times > self::ASKED_ABOUT || $times < 1 / self::ASKED_ABOUT) {
            $this->refuse($field, "{$one->label}–{$other->label} is {$plan->write($planned)} by the plan; this says {$plan->write($distance)}. Is that right? Tick “right as typed” and send it again, or correct it.");
            $this->session()->flash('asks_sure', $field);
        }
    }

    private function conditions(?TapeClass $tape): ?TapeConditions
    {
        $celsius = $this->number('celsius', -40, 60, 'A temperature lies between −40 and 60 °C.');
        $newtons = $this->number('newtons', 5, 300, 'A pull lies between 5 and 300 N; a kilogram is about 10 N.');
        $hangs = $this->boolean('hangs');
        if ($celsius === null && $newtons === null && ! $hangs) {
            return null;
        }
        if ($tape === TapeClass::Fibreglass || $tape === TapeClass::LaserMeter) {
            $this->refuse('celsius', 'Temperature, pull and sag are known for steel tapes only. Leave them empty, or choose a steel tape.');
        }

        return new TapeConditions($celsius, $newtons, hangsWhole: $hangs);
    }

    private function number(string $field, float $least, float $most, string $sentence): ?float
    {
        $typed = str_replace(',', '.', $this->text($field));
        if ($typed === '') {
            return null;
        }
        if (! is_numeric($typed) || (float) $typed < $least || (float) $typed > $most) {
            $this->refuse($field, $sentence);

            return null;
        }

        return (float) $typed;
    }
}
