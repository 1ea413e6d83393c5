<?php

declare(strict_types=1);

namespace Aequus\Words;

use Aequus\Level\GroundDoubt;
use Aequus\Level\LevelReadings;
use Aequus\Measure\Length;
use Aequus\Plan\Posts\PostId;
use Aequus\Site\SiteState;

/** What the heights come to, in a title and a sentence of what can be told and what can’t. */
final readonly class LevelWords
{
    public Sentence $title;

    /** What the readings can and can’t tell; empty before anything is read. */
    public Sentence $told;

    public function __construct(private SiteState $site)
    {
        $level = $site->level;
        $named = count($level->mistakes->named ?? []);
        $left = count($level->mistakes->dropped ?? []);
        $this->title = $this->said(match (true) {
            $level->range() === null => 'No ground is read yet',
            $named > 0 => "{$named} height readings can’t all be true",
            count($level->ground) === 1 => "The ground at {$level->high?->label} is read",
            $level->range()->isZero() => 'The ground is the same at every post read',
            default => $this->said('The ground falls ', $level->range(), ' from ', $level->high?->label, ' to ', $level->low?->label),
        });
        $told = [];
        if ($level->free !== []) {
            $told[] = 'Nothing ties '.implode(', ', array_slice($level->free, 0, 4)).(count($level->free) > 4
                ? ' and '.(count($level->free) - 4).' more' : '').' to a benchmark yet: read one known point from there.';
        }
        if ($left > 0) {
            $told[] = $left === 1 ? 'One reading is left out, because all others agree with each other and not with it.'
                : "{$left} readings are left out, because all others agree with each other and not with them.";
        }
        if ($level->known !== [] && $level->range() !== null) {
            $told[] = $level->surplus === 0
                ? 'What can’t be told: every height hangs on one reading, so a slip shows only where a height stands out. Read a few posts again '
                    .'from a second set-up, or hop between two of them, and slips show.'
                : ($level->surplus === 1 ? 'One reading more than needed checks'
                    : "{$level->surplus} readings more than needed check").' the others; what only one reading tells is still unchecked.';
        }
        $test = $level->groundTest;
        $doubted = $test->point === null ? null : $site->plan->grid->find(PostId::of($test->point));
        if ($doubted !== null && $test->above !== null) {
            $told[] = $this->said($doubted->label, ' stands ', Length::millimetres(abs($test->above)), ' ', $test->above > 0 ? 'above'
                : 'below', ' what the others say, and only one reading tells it: read it again from another set-up.');
        } elseif ($test->doubt === GroundDoubt::TooRough) {
            $told[] = 'The ground is too rough to show a misread rod by itself: read from a second set-up what depths rest on.';
        }
        foreach ($level->levels as $one) {
            $name = substr($one->level, strlen(LevelReadings::LEVEL));
            if ($one->isOutOfTrue) {
                $told[] = 'The spirit level'.($name === '' ? '' : " “{$name}”").' is out of true: have it set, or turn it at every hop.';
            }
        }
        $this->told = Sentence::inARow($site->plan->notation, ...array_map($this->said(...), $told));
    }

    private function said(string|Length|Sentence|null ...$pieces): Sentence
    {
        return Sentence::of($this->site->plan->notation, ...$pieces);
    }
}
