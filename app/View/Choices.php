<?php

declare(strict_types=1);

namespace App\View;

use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Measure\Unit;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Side;
use Aequus\Plan\Terms\SideNames;
use Aequus\Plan\ToleranceClass;
use Aequus\Words\Names;
use Aequus\Words\PageWords;
use Aequus\Words\Sentence;
use Aequus\Words\Speech;
use App\Type\Say;
use BackedEnum;
use LogicException;

/** What a field offers to choose from: what is sent, and what people call it. */
final class Choices
{
    /**
     * @param  list<BackedEnum>  $cases
     * @param  string  $said  with the name at %s
     * @return array<int|string, string>
     */
    public static function of(array $cases, string $said = '%s'): array
    {
        return array_combine(array_column($cases, 'value'), array_map(fn (BackedEnum $case) => sprintf($said, Names::of($case)), $cases));
    }

    /**
     * The four sides by their names on the site.
     *
     * @param  string  $said  with the name at %s
     * @param  ?list<Side>  $among  these only
     * @return array<string, string>
     */
    public static function sides(SideNames $names, string $said = '%s', ?array $among = null): array
    {
        $sides = $among ?? Side::cases();

        return array_combine(array_column($sides, 'value'), array_map(fn (Side $side) => sprintf($said, $names->nameOf($side)), $sides));
    }

    /** @return array<string, string> the ways to write a length, each by an example */
    public static function notations(): array
    {
        $ways = [];
        foreach (Unit::cases() as $unit) {
            foreach (array_keys($unit->system()->notations) as $code) {
                $in = Notation::named($code) ?? throw new LogicException("Nobody reads {$code}.");
                $ways[$code] = (string) (new Speech(null, $in))->page(
                    PageWords::of('plan.fields.written'), length: self::example(), mark: $in->smallestMark(),
                );
            }
        }

        return $ways;
    }

    /** A length as it is written in the usual way of a unit. */
    public static function written(Unit $unit): Sentence
    {
        return new Sentence([self::example()], Notation::of($unit));
    }

    /** @return array<string, string> how close is close enough, in every unit a job may be written in */
    public static function tolerances(): array
    {
        $limits = fn (ToleranceClass $class): array => array_map(
            fn (Unit $in) => new Sentence([$class->squareness($in)], Notation::of($in)), Unit::cases(),
        );

        return array_combine(array_column(ToleranceClass::cases(), 'value'), array_map(
            fn (ToleranceClass $class) => Say::text("plan.fields.tolerance_{$class->value}", limits: $limits($class)), ToleranceClass::cases(),
        ));
    }

    /** One that shows feet, inches and a fraction, and whole millimetres. */
    private static function example(): Length
    {
        return Length::millimetres(2604);
    }

    /**
     * @param  list<Post>  $posts
     * @return array<string, string>
     */
    public static function posts(array $posts): array
    {
        $labels = array_map(fn (Post $post) => $post->label, $posts);

        return array_combine($labels, $labels);
    }
}
