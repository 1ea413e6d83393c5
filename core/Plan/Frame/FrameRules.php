<?php

declare(strict_types=1);

namespace Aequus\Plan\Frame;

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
     */
    public function __construct(array $layers, public bool $alongX = true, public array $stocks = [])
    {
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
        return new self([...$this->without($layer->kind)->layers, $layer], $this->alongX, $this->stocks);
    }

    public function without(LayerKind $kind): self
    {
        return new self(array_values(array_filter($this->layers, fn (Layer $layer) => $layer->kind !== $kind)), $this->alongX, $this->stocks);
    }

    /** Out of the lengths that timber is sold in for the whole job: they are kept with the frame on its first grid. */
    public function inStocksOf(?self $first): self
    {
        return new self($this->layers, $this->alongX, $first->stocks ?? $this->stocks);
    }

    /** @param  list<Stock>  $stocks */
    public function soldIn(string $section, array $stocks): self
    {
        return new self($this->layers, $this->alongX, array_filter([...$this->stocks, $section => $stocks]));
    }
}
