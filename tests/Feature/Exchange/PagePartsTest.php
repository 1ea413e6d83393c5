<?php

declare(strict_types=1);

namespace Tests\Feature\Exchange;

use App\Exchange\Csv;
use App\Exchange\PageParts;
use DOMDocument;
use Tests\Builds;
use Tests\FeatureTestCase;

/** Any table and any drawing of a page, taken out of it. */
final class PagePartsTest extends FeatureTestCase
{
    private const PAGE = '<!DOCTYPE html><html><head><title>x</title></head><body><header><table><tr><td>none</td></tr></table></header><main>
        <table><caption>Readings</caption><thead><tr><th>Post</th><th colspan="2">Off</th></tr></thead>
        <tbody><tr><th scope="row">A1</th><td><b>3</b> mm <button>strike</button></td><td>-4<form><input value="9"></form></td></tr>
        <tr><td></td></tr><tr><td>„Ä“ &amp; <span class="muted no-print">not this</span></td></tr></tbody></table>
        <svg aria-hidden="true"><path d="M0 0"></path></svg>
        <svg role="img" viewBox="0 0 10 10" class="plan-drawing"><text x="1" y="2">B2 &amp; C3</text></svg>
        <table><tr><td>second</td></tr></table></main></body></html>';

    public function test_a_table_is_its_lines_of_cells(): void
    {
        $parts = new PageParts(self::PAGE);
        $this->assertSame([['Post', 'Off', ''], ['A1', '3 mm', '-4'], ['„Ä“ &', '', '']], $parts->table(1));
        $this->assertSame([['second']], $parts->table(2));
        $this->assertSame([null, null], [$parts->table(3), $parts->table(0)]);
        // What begins like a formula is none in the file, and is read back as it was.
        $this->assertStringContainsString("'-4", Csv::write($parts->table(1) ?? []));
        $this->assertSame('-4', Csv::read(Csv::write($parts->table(1) ?? []))[1][2]);
    }

    public function test_a_drawing_stands_alone_with_its_styles(): void
    {
        $svg = (new PageParts(self::PAGE))->drawing(1, '.plan-drawing { fill: "<red>" }') ?? $this->fail();
        $read = new DOMDocument;
        $this->assertTrue($read->loadXML($svg));
        $this->assertSame(['http://www.w3.org/2000/svg', '0 0 10 10', 'plan-drawing'], [$read->documentElement?->namespaceURI, $read->documentElement?->getAttribute('viewBox'), $read->documentElement?->getAttribute('class')]);
        $this->assertSame(['.plan-drawing { fill: "<red>" }', 'B2 & C3'], [$read->getElementsByTagName('style')[0]?->textContent, $read->getElementsByTagName('text')[0]?->textContent]);
        $this->assertSame('http://www.w3.org/2000/svg', $read->getElementsByTagName('text')[0]?->namespaceURI);
        $this->assertNull((new PageParts(self::PAGE))->drawing(2, ''));
    }

    public function test_every_page_gives_its_parts_by_its_own_address(): void
    {
        $user = $this->person();
        $this->actingAs($user);
        $job = $this->job($user, Builds::plan());
        $at = "/jobs/{$job->id}/square/sheet";
        $lines = Csv::read((string) $this->get("{$at}?table=1")->assertOk()->assertHeader('Content-Type', 'text/csv; charset=utf-8')->getContent());
        $this->assertGreaterThan(5, count($lines));
        $this->assertStringContainsString('A1', implode(' ', array_merge(...$lines)));
        $this->get("{$at}?table=99")->assertNotFound();
        $svg = (string) $this->get("/jobs/{$job->id}/plan?drawing=1")->assertOk()->assertHeader('Content-Type', 'image/svg+xml')->getContent();
        $this->assertTrue((new DOMDocument)->loadXML($svg));
        $this->assertStringContainsString('A1', $svg);
        $this->assertStringNotContainsString('@font-face', $svg);
        // Nobody else’s, no form, and no number that is none.
        $this->post("{$at}?table=1")->assertStatus(405);
        $this->get("{$at}?table=first")->assertOk()->assertHeader('Content-Type', 'text/html; charset=utf-8');
        $this->actingAs($this->person('Other'));
        $this->get("{$at}?table=1")->assertForbidden();
    }
}
