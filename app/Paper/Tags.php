<?php

declare(strict_types=1);

namespace App\Paper;

use Aequus\Logbook\Footing\HoleDug;
use Aequus\Plan\Posts\Post;
use Aequus\Site\SiteState;
use App\Models\Job;
use App\Type\Say;
use TCPDF2DBarcode;

/**
 * Tags for posts, to print and staple: a big label, how deep its hole goes, and a square code that opens its page; beside it the same as a short code
 * to type.
 */
final readonly class Tags
{
    /** Across and down a sheet. */
    public const ACROSS = 2;

    public const DOWN = 5;

    private const EDGE = 12.0;

    /** @var list<list<array{label: string, depth: string, code: string, square: string}>> sheet by sheet */
    public array $sheets;

    /** @param  string  $address  of this installation as phones use it, without a slash at its end */
    public function __construct(SiteState $site, Job $job, string $address, public Paper $paper)
    {
        $tags = array_map(fn (Post $post) => [
            'label' => $post->label, 'depth' => $this->depth($site, $post), 'code' => "{$job->id}-{$post->label}",
            'square' => self::square("{$address}/jobs/{$job->id}/set/{$post->label}"),
        ], $site->plan->grid->posts);
        $this->sheets = array_chunk($tags, self::ACROSS * self::DOWN);
    }

    public function wide(): float
    {
        return ($this->paper->width() - 2 * self::EDGE) / self::ACROSS;
    }

    public function high(): float
    {
        return floor(($this->paper->height() - 2 * self::EDGE) / self::DOWN * 10) / 10;
    }

    public function left(int $i): float
    {
        return self::EDGE + $i % self::ACROSS * $this->wide();
    }

    public function top(int $i): float
    {
        return self::EDGE + intdiv($i, self::ACROSS) * $this->high();
    }

    private function depth(SiteState $site, Post $post): string
    {
        $dug = ($site->log->newest(HoleDug::class)[$post] ?? null)?->depth;
        $needed = $site->footing->required($post)?->holeDepth();

        return match (true) {
            $dug !== null => Say::text('files.tag_dug', depth: $site->plan->write($dug)),
            $needed !== null => Say::text('files.tag_dig', depth: $site->plan->write($needed)),
            default => '',
        };
    }

    /** As an image that stands in the page itself. */
    private static function square(string $says): string
    {
        return 'data:image/svg+xml;base64,'.base64_encode((new TCPDF2DBarcode($says, 'QRCODE,M'))->getBarcodeSVGcode(4, 4, 'black'));
    }
}
