<?php

declare(strict_types=1);

namespace Aequus\Logbook\Set;

use Aequus\Logbook\EntryKind;
use Aequus\Logbook\Known;
use Aequus\Logbook\Payload;
use Aequus\Logbook\Question;
use Aequus\Logbook\QuestionAbout;
use Aequus\Logbook\SaysItUnderAnyPlan;
use Aequus\Logbook\Spoken\Called;
use Aequus\Logbook\Spoken\Phrase;
use Aequus\Logbook\Spoken\SpokenPieces;
use Aequus\Logbook\Spoken\Takes;
use Aequus\Plan\Posts\PostId;

/** A post stands in its hole, on its foot, braced or filled. */
final readonly class PostSet implements Payload
{
    use SaysItUnderAnyPlan;

    public function __construct(public PostId $post)
    {
    }

    public function kind(): EntryKind
    {
        return EntryKind::PostSet;
    }

    public function posts(): array
    {
        return [$this->post];
    }

    public function questions(Known $known): array
    {
        return $known->dugDepth($this->post) === null && $known->plan()->holdOf($this->post)->isDug() ? [Question::doubtful(QuestionAbout::SetBeforeDug)] : [];
    }

    public function stored(): array
    {
        return ['post' => $this->post->value];
    }

    public static function fromStored(array $stored): self
    {
        return new self(PostId::of($stored['post']));
    }

    public static function phrases(): array
    {
        return [
            new Phrase(Called::Post, 'set', Takes::Nothing, fn (SpokenPieces $pieces, array $of) => new self($pieces->onePost($of)), 'b2 set', place: 5),
        ];
    }
}
