<?php

declare(strict_types=1);

namespace App\Exchange;

use DOMDocument;
use DOMElement;
use DOMXPath;
use Masterminds\HTML5;

/** Single parts of a finished page, taken out of it: a table as lines of cells, a drawing as a picture that stands alone. */
final class PageParts
{
    /** What is pressed, typed or unfolded is no part of what a table says. */
    private const NOT_SAID = './/button|.//form|.//input|.//select|.//script|.//svg|.//details|.//*[contains(concat(" ", @class, " "), " no-print '
        .'")]';

    private DOMDocument $page;

    public function __construct(string $html)
    {
        $this->page = (new HTML5(['disable_html_ns' => true]))->loadHTML($html);
    }

    /** @return ?list<list<string>> of the table of that number in the page’s main part, from 1; its caption is no line of it; null where there is none */
    public function table(int $number): ?array
    {
        $table = $this->nth('table', $number);
        if ($table === null) {
            return null;
        }
        $path = new DOMXPath($this->page);
        foreach (self::found($path, self::NOT_SAID, $table) as $node) {
            $node->parentNode?->removeChild($node);
        }
        $lines = [];
        foreach (self::found($path, './/tr', $table) as $row) {
            $cells = [];
            foreach (self::found($path, './th|./td', $row) as $cell) {
                $cells[] = trim((string) preg_replace('/\s+/u', ' ', $cell->textContent));
                $span = (int) $cell->getAttribute('colspan');
                array_push($cells, ...array_fill(0, max(0, min(50, $span) - 1), ''));
            }
            $lines = implode('', $cells) === '' ? $lines : [...$lines, $cells];
        }
        $width = max([0, ...array_map(count(...), $lines)]);

        return array_map(fn (array $cells) => array_pad($cells, $width, ''), $lines);
    }

    /** The drawing of that number in the page’s main part, from 1, with the styles it needs; null where there is none. */
    public function drawing(int $number, string $styles): ?string
    {
        $drawing = $this->nth('svg', $number);
        if ($drawing === null) {
            return null;
        }
        $alone = new DOMDocument('1.0', 'UTF-8');
        $copy = $alone->importNode($drawing, true);
        assert($copy instanceof DOMElement);
        $root = $alone->createElementNS('http://www.w3.org/2000/svg', 'svg');
        $alone->appendChild($root);
        foreach (iterator_to_array($copy->attributes) as $attribute) {
            $root->setAttribute($attribute->nodeName === 'viewbox' ? 'viewBox' : $attribute->nodeName, (string) $attribute->nodeValue);
        }
        $style = $alone->createElementNS('http://www.w3.org/2000/svg', 'style');
        $style->appendChild($alone->createTextNode($styles));
        $root->appendChild($style);
        foreach (iterator_to_array($copy->childNodes) as $child) {
            $root->appendChild($child);
        }
        // What was parsed out of a page has no namespace of its own: written once and read again it has that of its root.
        $again = new DOMDocument;
        $again->loadXML((string) $alone->saveXML(), LIBXML_NONET);

        return (string) $again->saveXML();
    }

    /** @return list<DOMElement> */
    private static function found(DOMXPath $path, string $query, DOMElement $in): array
    {
        return array_values(array_filter(iterator_to_array($path->query($query, $in) ?: []), fn (mixed $node) => $node instanceof DOMElement));
    }

    private function nth(string $name, int $number): ?DOMElement
    {
        // Signs inside buttons, words and tables are no drawings.
        $query = $name === 'table' ? '//main//table' : '//main//svg[not(@aria-hidden)]';
        $found = (new DOMXPath($this->page))->query($query) ?: [];
        $one = iterator_to_array($found)[$number - 1] ?? null;

        return $one instanceof DOMElement ? $one : null;
    }
}
