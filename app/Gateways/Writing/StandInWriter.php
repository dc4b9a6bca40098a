<?php

declare(strict_types=1);

namespace App\Gateways\Writing;

use RapidReel\Text\Sketch\PatternWriter;
use RapidReel\Text\Sketch\Reworder;
use RapidReel\Text\Sketch\Rewording;
use RapidReel\Text\Sketch\Sketch;
use RapidReel\Text\Sketch\SketchOrder;

/** Stands in for a writing service: works by patterns, without a network. */
final readonly class StandInWriter implements Writing
{
    public function __construct(private PatternWriter $writer, private Reworder $reworder)
    {
    }

    public function about(): string
    {
        return 'The writer here is a stand-in: it fills sentence patterns around your key points and knows nothing of '
            .'the topic. A writing service can take its place.';
    }

    public function write(SketchOrder $order): Sketch
    {
        return $this->writer->write($order);
    }

    public function reword(Rewording $order, array $others): Sketch
    {
        return $this->reworder->reword($order, $others);
    }
}
