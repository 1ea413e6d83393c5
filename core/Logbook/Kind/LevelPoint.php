<?php

declare(strict_types=1);

namespace Aequus\Logbook\Kind;

use Aequus\Measure\Stored;
use Aequus\Plan\Posts\PostFeature;
use Aequus\Plan\Posts\PostId;

/** Something whose height is read: a feature of a post, or a named point such as a benchmark or a turning point. */
final readonly class LevelPoint
{
    private function __construct(public ?PostId $post, public PostFeature $feature, public string $name)
    {
    }

    public static function of(PostId $post, PostFeature $feature = PostFeature::Ground): self
    {
        return new self($post, $feature, '');
    }

    /** @throws EntryRefused when it has no name */
    public static function named(string $name): self
    {
        return trim($name) === '' ? throw EntryRefused::pointWithoutName() : new self(null, PostFeature::Ground, trim($name));
    }

    /** What a form sends for the benchmark, where else a post’s label stands. */
    public const SENT_FOR_BENCHMARK = 'Benchmark';

    /** The benchmark in force, whatever its name. */
    public static function benchmark(): self
    {
        return new self(null, PostFeature::Ground, '');
    }

    public function isBenchmark(): bool
    {
        return $this->post === null && $this->name === '';
    }

    /** @return string the same for the same thing */
    public function key(): string
    {
        return $this->post === null ? "point {$this->name}" : "{$this->feature->value} {$this->post->value}";
    }

    /** @return array<string, ?string> ready for JSON */
    public function stored(): array
    {
        return ['post' => $this->post?->value, 'feature' => $this->feature->value, 'name' => $this->name];
    }

    public static function fromStored(Stored $stored): self
    {
        return new self(
            PostId::orNone($stored->textOrNone('post')), $stored->case('feature', PostFeature::class, PostFeature::Ground), $stored->text('name', ''),
        );
    }
}
