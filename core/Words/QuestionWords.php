<?php

declare(strict_types=1);

namespace Aequus\Words;

use Aequus\Logbook\Kind\Question;
use Aequus\Logbook\Kind\QuestionAbout;
use Aequus\Measure\Guess;
use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\PostId;

/** A doubtful or impossible figure, as it is said at its field. */
final readonly class QuestionWords
{
    /** So many guesses are asked at most. */
    private const GUESSES = 3;

    public function __construct(private Plan $plan)
    {
    }

    /** All that is asked at one field, and what to do about it. */
    public function say(Question ...$questions): string
    {
        $isImpossible = array_filter($questions, fn (Question $question) => $question->isImpossible) !== [];

        return implode(
            ' ', [...array_map($this->asks(...), $questions), ...($isImpossible ? [] : ['Tick “right as typed” and send it again, or correct it.'])],
        );
    }

    /** What is odd, and what may have been meant. */
    private function asks(Question $question): string
    {
        $read = $this->figure($question->read);
        $expected = $this->figure($question->expected);
        $says = match ($question->about) {
            QuestionAbout::TapeFarFromPlan, QuestionAbout::SpacingFarFromPlan => "By the plan this is {$expected}; it says {$read}.",
            QuestionAbout::LongerThanTheTape => "{$read} is longer than the tape, {$expected}.",
            QuestionAbout::OffsetFarFromPlan => $this->isZero($question->expected) ? "It says {$read} off the string; the plan has it on it."
                : "By the plan it stands {$expected} off; this says {$read}.",
            QuestionAbout::CastFar => "{$read} off its mark is more than a hole gives.",
            QuestionAbout::RodFarFromGround => "With the ground known so far the rod would read about {$expected}; this says {$read}.",
            QuestionAbout::RodBelowZero => 'A rod can’t read below zero.',
            QuestionAbout::RodBeyondStaff => "{$read} is beyond the longest staff, {$expected}.",
            QuestionAbout::DifferenceFarFromKnown => "By what was read before they differ by {$expected}; this says {$read}.",
            QuestionAbout::DifferenceBeyondReach => "No board, hose or string reads {$read}; the most is {$expected}. Use a rod.",
            QuestionAbout::HoleBeyondNeed => "It needs {$expected}; this says {$read}.",
            QuestionAbout::HoleShallowerThanBefore => "It was read {$expected} deep before; this says {$read}. Did it fall in?",
            QuestionAbout::HoleTooDeep => "{$read} is deeper than any auger or arm reaches, {$expected}.",
            QuestionAbout::WidthOffTheAuger => "The plan has holes of {$expected}; this says {$read} wide.",
            QuestionAbout::WidthWithinThePost => "A hole {$read} wide does not take a post of {$expected}.",
            QuestionAbout::LeanSteep => "That leans one in {$read}. A post that is braced rarely leans more than one in {$expected}.",
            QuestionAbout::LeanImpossible => "That leans one in {$read}. No standing post leans one in {$expected}. Check the figure, and the length it was read over.",
            QuestionAbout::TwistLarge => "That is turned one in {$read}.",
            QuestionAbout::BagsMany => 'Its hole takes about '.$this->bags($question->expected).'; this says '.$this->bags($question->read).'.',
            QuestionAbout::TemperatureUnusual => "{$read} °C is no weather to pour in.",
            QuestionAbout::ReadBeforeSet => $this->labels($question->posts).(count($question->posts) === 1 ? ' is'
                : ' are').' not written down as set: only a post that stands can be read.',
            QuestionAbout::MovedAfterSet => 'A post is written down as set there: its stake would have to be gone.',
            QuestionAbout::DugAfterFilled => 'This hole is written down as filled: nobody can measure down to its bottom now.',
            QuestionAbout::FilledAlready => 'This hole is written down as filled already.',
            QuestionAbout::SetOnFreshPier => 'Its pier is not written down as poured and hard: a post on it loosens what holds the base.',
            QuestionAbout::SetBeforeDug => 'No hole is written down for this post: it would have to be dug first.',
            QuestionAbout::FilledBeforeDug => 'No hole is written down for this post: it would have to be dug, and the post set, first.',
            QuestionAbout::FilledBeforeSet => 'No post is written down as set in this hole: it would have to stand, braced, first.',
            QuestionAbout::StrippedBeforeFilled => 'Nothing is written down as filled here: braces stay on until the fill is hard.',
            QuestionAbout::CutBeforeSet => 'This post is not written down as set: it is cut when it stands.',
            QuestionAbout::CutBeforeHard => 'What was poured round it is not hard yet: sawing shakes it loose.',
            QuestionAbout::CutWhileAnotherIsShort => $this->labels($question->posts).' '.(count($question->posts) === 1 ? 'is'
                : 'are').' short: cut nothing before that is settled, or all tops may have to come down.',
            QuestionAbout::LoadedBeforeSet => $this->labels($question->posts).(
                count($question->posts) === 1 ? ' is' : ' are'
            ).' not written down as set: nothing can stand on it yet.',
            QuestionAbout::LoadedBeforeHard => 'What was poured round '.$this->labels($question->posts).' is not hard yet: nothing is put on it '
                .'before.',
            QuestionAbout::TopAboveWhatIsLeft => "It was cut at {$expected} above the datum line; its top can’t stand at {$read}.",
            QuestionAbout::TopFarFromExpected => "Its mark is {$expected} above the datum line; this says its top is at {$read}.",
            QuestionAbout::NoticeDaysMany => "{$read} working days is more than most marking desks ask.",
            QuestionAbout::NoticeInTheFuture => 'That day has not come yet. Write down the day on which you asked.',
            QuestionAbout::NoticeLongAgo => "That was {$read} days ago: in most places marks have run out by then, and must be asked for again.",
            QuestionAbout::CheckFarOff => "{$read} off is more likely another mark than an error.",
            QuestionAbout::BeamSteep => "A line of sight that is off by {$read} mm in a metre wants mending before it is used.",
            QuestionAbout::BayUnusual => $this->isMore($question) ? "A bay of {$read} is wider than most beams span, {$expected}."
                : "A bay of {$read} leaves hardly room between two posts.",
            QuestionAbout::BayUnlikeTheOthers => "The other bays are about {$expected}; this one is {$read}.",
            QuestionAbout::PostUnusual => $this->isMore($question) ? "A post {$read} thick is thicker than nearly any."
                : "A post {$read} thick is thinner than any that carries something.",
            QuestionAbout::HolesRunTogether => $this->labels($question->posts)." stand {$read} apart, and holes are {$expected} wide: what is left between falls in. "
                .'Set them further apart, make the holes narrower, or dig both as one.',
            QuestionAbout::HeldForGood => 'Its posts shall come out again one day. Out of a full hole of concrete or foam they are broken out: a '
                .'collar, gravel, earth or a base on a '
                .'pier lets go of them.',
            QuestionAbout::RoomBetweenBuildings => "Between it and the nearest post are {$read}: snow off two roofs, a mower and a ladder want about {$expected} between buildings.",
            QuestionAbout::HoleWideInPlan => "A hole {$read} across is wider than any auger.",
            QuestionAbout::StandingUnusual => $this->isMore($question) ? "Posts that stand {$read} above the ground are taller than nearly any."
                : "Posts that stand only {$read} above the ground are hardly posts.",
            QuestionAbout::ToleranceWide => "Within {$read} nobody would call it square.",
            QuestionAbout::RuleLarge => "{$read} is more than a rule of depth asks nearly anywhere.",
            QuestionAbout::TopsFarAboveTheLine => "That is {$read} above the datum line: nobody reaches it with a tape.",
            QuestionAbout::FixedFarAway => "It would lie {$read} from the nearest post: so far away it holds nothing.",
            QuestionAbout::ServiceFarAway => "It would pass {$read} from the nearest post: check both points, what lies nearer is not seen.",
            QuestionAbout::NoDigNone => 'With no band at all a machine may dig right beside it. Most places ask for a band on each side.',
            QuestionAbout::NoDigWide => "A band of {$read} on each side is wider than any rule asks.",
            QuestionAbout::BenchmarkAnew => 'Heights were told from another benchmark: with a new one every height is worked out again, '
                .'and old rods count from it.',
            QuestionAbout::DayNotCome => 'That day has not come yet.',
            QuestionAbout::BookedForThePast => 'That day is over. Write down what came of it, or the day it is booked for now.',
            QuestionAbout::RateUnusual => $this->isMore($question) ? "One person is {$read} times as fast then as people usually are."
                : "One person does {$read} of what people usually do in an hour.",
            QuestionAbout::WeatherUnusual => 'So cold, or so warm, it is nearly nowhere.',
            QuestionAbout::HandedOverMadeUp => 'Entries of this job are made up for practice. Take them out first; what nobody measured is not '
                .'handed over.',
            QuestionAbout::HandedOverUnfinished => 'Depths, plumb readings or cuts are still missing from the book.',
        };
        $guesses = $this->guesses($question);

        return implode(' ', array_filter([$says, $guesses]));
    }

    private function guesses(Question $question): string
    {
        return (string) (new Speech($this->plan))->say(
            ...array_map(fn (Guess $guess) => $guess->asks($this->isMore($question)), array_slice($question->guesses, 0, self::GUESSES)),
        );
    }

    private function isMore(Question $question): bool
    {
        return $question->read instanceof Length && $question->expected instanceof Length && $question->read->isLongerThan($question->expected);
    }

    private function figure(Length|float|null $figure): string
    {
        return match (true) {
            $figure instanceof Length => $this->plan->write($figure),
            $figure === null => '',
            default => rtrim(rtrim(number_format($figure, 1, '.', ''), '0'), '.'),
        };
    }

    private function bags(Length|float|null $bags): string
    {
        $count = is_float($bags) ? (int) ceil($bags) : 0;

        return $count === 1 ? '1 bag' : "{$count} bags";
    }

    private function isZero(Length|float|null $figure): bool
    {
        return $figure instanceof Length && $figure->isZero();
    }

    /** @param  list<PostId>  $posts */
    private function labels(array $posts): string
    {
        return implode(', ', array_map(fn (PostId $post) => $this->plan->grid->find($post)->label ?? '?', $posts));
    }
}
