<?php

declare(strict_types=1);

namespace App\Exchange;

use Aequus\Frame\Frames;
use Aequus\Logbook\Clear\ServiceLine;
use Aequus\Measure\Vector;
use Aequus\Plan\Place\SiteObject;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Point;
use Aequus\Site\SiteState;
use App\Exchange\Drawn\Dxf;

/**
 * The plan as a drawing of release 12, which every drawing program reads: posts as blocks with their label and section, what stands on the site,
 * buried lines with their bands, and the frame seen from above, each on a layer of its own. In millimetres, or in inches where the job measures so.
 */
final class DxfFile
{
    private const TEXT_HIGH = 150.0;

    /** Layer and its colour by number: 1 red, 3 green, 4 cyan, 5 blue, 7 black or white, 8 grey. */
    private const LAYERS = ['POSTS' => 7, 'LABELS' => 7, 'GRID' => 8, 'SITE' => 3, 'SERVICES' => 1, 'NO_DIG' => 1, 'MEMBERS' => 4, 'FIXED' => 5];

    /** @var list<string> groups in turn: code, value */
    private array $groups = [];

    private function __construct(private float $unit)
    {
    }

    /** @param  list<string>  $remarks  what is said of the job on every sheet too */
    public static function write(SiteState $site, array $remarks = []): string
    {
        $file = new self($site->plan->notation->system()->one);
        foreach ($remarks as $remark) {
            $file->add(999, $remark);
        }
        $file->head();
        $file->blocks($site);
        $file->add(0, 'SECTION', 2, 'ENTITIES');
        foreach ($site->plan->grid->posts as $post) {
            $file->post($site, $post);
        }
        $file->grid($site);
        foreach ($site->plan->site as $object) {
            $file->object($object);
        }
        foreach ($site->plan->fixedLines() as $line) {
            $file->polyline('FIXED', [$line->from, $line->to], false);
            $file->text('FIXED', $line->from->inMillimetres(), $line->name);
        }
        foreach ($site->clear->services as $service) {
            $file->service($service);
        }
        $file->members($site);
        $file->add(0, 'ENDSEC', 0, 'EOF');

        return implode("\r\n", $file->groups)."\r\n";
    }

    private function head(): void
    {
        $this->add(
            0, 'SECTION', 2, 'HEADER', 9, '$ACADVER', 1, 'AC1009', 9, '$DWGCODEPAGE', 3, 'ANSI_1252', 9, '$INSUNITS', 70,
            (string) array_search($this->unit, Dxf::UNITS, true), 0, 'ENDSEC', 0, 'SECTION', 2, 'TABLES', 0, 'TABLE', 2, 'LAYER', 70, (string) count(self::LAYERS),
        );
        foreach (self::LAYERS as $name => $colour) {
            $this->add(0, 'LAYER', 2, $name, 70, '0', 62, (string) $colour, 6, 'CONTINUOUS');
        }
        $this->add(0, 'ENDTAB', 0, 'ENDSEC');
    }

    /** One block for each section, its middle at the post’s. */
    private function blocks(SiteState $site): void
    {
        $this->add(0, 'SECTION', 2, 'BLOCKS');
        $drawn = [];
        foreach ($site->plan->grid->posts as $post) {
            $name = $this->block($site, $post);
            if (isset($drawn[$name])) {
                continue;
            }
            $drawn[$name] = true;
            $section = $site->plan->sectionOf($post);
            [$x, $y] = [$section->b->inMillimetres() / 2, $section->d->inMillimetres() / 2];
            $this->add(0, 'BLOCK', 8, 'POSTS', 2, $name, 70, '2', 10, '0.0', 20, '0.0', 30, '0.0', 3, $name);
            if ($section->round) {
                $this->add(0, 'CIRCLE', 8, 'POSTS', 10, '0.0', 20, '0.0', 30, '0.0', 40, $this->figure($x));
            } else {
                $this->ring('POSTS', [new Vector(-$x, -$y), new Vector($x, -$y), new Vector($x, $y), new Vector(-$x, $y)], true);
            }
            $this->add(
                0, 'ATTDEF', 8, 'LABELS', 10, $this->figure($x + 40), 20, $this->figure($y + 40), 30, '0.0', 40, $this->figure(self::TEXT_HIGH), 1,
                '', 3, 'Label', 2, 'LABEL', 70, '0', 0, 'ENDBLK', 8, 'POSTS',
            );
        }
        $this->add(0, 'ENDSEC');
    }

    private function block(SiteState $site, Post $post): string
    {
        $section = $site->plan->sectionOf($post);

        return ($section->round ? 'POST_R' : 'POST_').(int) round(
            $section->b->inMillimetres() * 1000,
        ).'X'.(int) round($section->d->inMillimetres() * 1000);
    }

    private function post(SiteState $site, Post $post): void
    {
        $at = $post->at->inMillimetres();
        $section = $site->plan->sectionOf($post);
        $beside = $at->plus(new Vector($section->b->inMillimetres() / 2 + 40, $section->d->inMillimetres() / 2 + 40));
        $this->add(0, 'INSERT', 8, 'POSTS', 66, '1', 2, $this->block($site, $post), ...$this->place($at));
        $this->add(50, number_format(rad2deg($section->turn), 6, '.', ''));
        $this->add(0, 'ATTRIB', 8, 'LABELS', ...$this->place($beside));
        $this->add(40, $this->figure(self::TEXT_HIGH), 1, $post->label, 2, 'LABEL', 70, '0', 0, 'SEQEND', 8, 'POSTS');
    }

    /** Lines through the rows and columns. */
    private function grid(SiteState $site): void
    {
        $rows = [];
        foreach ($site->plan->grid->atCrossings() as $post) {
            $rows['y'.$post->at->y->nanometres][] = $post->at;
            $rows['x'.$post->at->x->nanometres][] = $post->at;
        }
        foreach ($rows as $points) {
            if (count($points) > 1) {
                $this->polyline('GRID', [$points[0], $points[count($points) - 1]], false);
            }
        }
    }

    private function object(SiteObject $object): void
    {
        $points = $object->points;
        if (count($points) === 1) {
            $this->add(0, 'CIRCLE', 8, 'SITE', ...$this->place($points[0]->inMillimetres()));
            $this->add(40, $this->figure(max(100.0, $object->reach->inMillimetres())));
        } else {
            $this->polyline('SITE', $points, $object->kind->isArea());
        }
        $this->text('SITE', $points[0]->inMillimetres(), $object->name);
    }

    /** With the edges of its band beside it. */
    private function service(ServiceLine $service): void
    {
        $this->polyline('SERVICES', $service->points, false);
        $this->text('SERVICES', $service->points[0]->inMillimetres(), $service->name);
        $band = $service->noDig->inMillimetres();
        for ($i = 1; $i < count($service->points); $i++) {
            [$from, $to] = [$service->points[$i - 1]->inMillimetres(), $service->points[$i]->inMillimetres()];
            $off = $to->minus($from)->unit()->left()->times($band);
            foreach ([1.0, -1.0] as $side) {
                $this->ring('NO_DIG', [$from->plus($off->times($side)), $to->plus($off->times($side))], false);
            }
        }
    }

    private function members(SiteState $site): void
    {
        foreach (Frames::decided($site->plan, $site->log)->all as $frame) {
            foreach ($frame->pieces as $piece) {
                $foot = array_map(fn ($corner) => $frame->footprint->onPlan($corner), array_slice($piece->solid->corners(), 0, 4));
                $this->ring('MEMBERS', $foot, true);
            }
        }
    }

    private function text(string $layer, Vector $at, string $says): void
    {
        $this->add(0, 'TEXT', 8, $layer, ...$this->place($at));
        $this->add(40, $this->figure(self::TEXT_HIGH), 1, $says);
    }

    /** @param  list<Point>  $points */
    private function polyline(string $layer, array $points, bool $isClosed): void
    {
        $this->ring($layer, array_map(fn (Point $point) => $point->inMillimetres(), $points), $isClosed);
    }

    /** @param  list<Vector>  $points */
    private function ring(string $layer, array $points, bool $isClosed): void
    {
        $this->add(0, 'POLYLINE', 8, $layer, 66, '1', 10, '0.0', 20, '0.0', 30, '0.0', 70, $isClosed ? '1' : '0');
        foreach ($points as $point) {
            $this->add(0, 'VERTEX', 8, $layer, ...$this->place($point));
        }
        $this->add(0, 'SEQEND', 8, $layer);
    }

    /** @return list<int|string> */
    private function place(Vector $at): array
    {
        return [10, $this->figure($at->x), 20, $this->figure($at->y), 30, '0.0'];
    }

    private function figure(float $millimetres): string
    {
        return number_format($millimetres / $this->unit, 6, '.', '');
    }

    /** Codes and values in turn. Letters are those that Western pages share; others are written by their number, and no line breaks. */
    private function add(int|string ...$groups): void
    {
        foreach (array_chunk($groups, 2) as [$code, $value]) {
            $plain = '';
            foreach (mb_str_split(mb_scrub((string) $value)) as $letter) {
                $byte = mb_convert_encoding($letter, 'ISO-8859-1', 'UTF-8');
                $plain .= match (true) {
                    mb_ord($letter) < 32 => ' ',
                    $byte === '?' && $letter !== '?' => sprintf('\\U+%04X', mb_ord($letter)),
                    default => $byte,
                };
            }
            array_push($this->groups, str_pad((string) $code, 3, ' ', STR_PAD_LEFT), $plain);
        }
    }
}
