<?php

declare(strict_types=1);

namespace Aequus\Plan\Frame;

use Aequus\Measure\Length;
use Aequus\Stock\Stock;

/** What was decided about the frame on the posts: its layers from the posts up, the way its beams run, and in which lengths each section is sold. */
final readonly class FrameRules
{
    /** @var list<Layer> from the posts up, one of a kind */
    public array $layers;

    /**
     * @param  list<Layer>  $layers
     * @param  bool  $alongX  whether beams run along the rows; else along the columns
     * @param  array<string, list<Stock>>  $stocks  by section, see Layer::key
     * @param  ?Connector  $base  under each post; null where they stand in the ground, or nobody chose one
     * @param  Air  $air  that its fixings stand in
     * @param  array<string, list<Length>>  $atHand  odd lengths that lie on the site, by section
     */
    public function __construct(
        array $layers, public bool $alongX = true, public array $stocks = [], public ?Connector $base = null, public Air $air = Air::Wet,
        public array $atHand = [],
    ) {
        $order = array_flip(array_map(fn (LayerKind $kind) => $kind->value, LayerKind::cases()));
        usort($layers, fn (Layer $a, Layer $b) => $order[$a->kind->value] <=> $order[$b->kind->value]);
        $this->layers = $layers;
    }

    public function layer(LayerKind $kind): ?Layer
    {
        foreach ($this->layers as $layer) {
            if ($layer->kind === $kind) {
                return $layer;
            }
        }

        return null;
    }

    /** With a layer in place of the one of its kind. */
    public function with(Layer $layer): self
    {
        return $this->out([...$this->without($layer->kind)->layers, $layer], $this->stocks);
    }

    public function without(LayerKind $kind): self
    {
        return $this->out(array_values(array_filter($this->layers, fn (Layer $layer) => $layer->kind !== $kind)), $this->stocks);
    }

    /** Out of the lengths that timber is sold in for the whole job: they are kept with the frame on its first grid. */
    public function inStocksOf(?self $first): self
    {
        return $this->out($this->layers, $first->stocks ?? $this->stocks);
    }

    /** @param  list<Stock>  $stocks */
    public function soldIn(string $section, array $stocks): self
    {
        return $this->out($this->layers, array_filter([...$this->stocks, $section => $stocks]));
    }

    /** @param  list<Length>  $lengths  odd ones that lie on the site */
    public function lying(string $section, array $lengths): self
    {
        return new self($this->layers, $this->alongX, $this->stocks, $this->base, $this->air, array_filter([...$this->atHand, $section => $lengths]));
    }

    public function running(bool $alongX): self
    {
        return new self($this->layers, $alongX, $this->stocks, $this->base, $this->air, $this->atHand);
    }

    public function fixedIn(Air $air, ?Connector $base): self
    {
        return new self($this->layers, $this->alongX, $this->stocks, $base, $air, $this->atHand);
    }

    /**
     * @param  list<Layer>  $layers
     * @param  array<string, list<Stock>>  $stocks
     */
    private function out(array $layers, array $stocks): self
    {
        return new self($layers, $this->alongX, $stocks, $this->base, $this->air, $this->atHand);
    }
}
