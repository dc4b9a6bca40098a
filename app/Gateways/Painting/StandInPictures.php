<?php

declare(strict_types=1);

namespace App\Gateways\Painting;

use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;
use RapidReel\Pictures\Illustration\SceneDrawing;
use Symfony\Component\Process\Process;

/** Stands in for a picture service: draws what it knows of the words, without a network. */
final readonly class StandInPictures implements Pictures
{
    private const SECONDS = 60.0;

    /** @param  string  $renderer  the program that makes a PNG of an SVG */
    public function __construct(private string $renderer)
    {
    }

    public function isStandIn(): bool
    {
        return true;
    }

    public function about(): string
    {
        return 'The picture maker here is a stand-in: it draws sea, sky and a few things that a brief names. A picture '
            .'service can take its place.';
    }

    /** @throws ToolFailed */
    public function make(string $brief, int $seed, string $target): void
    {
        $process = new Process([$this->renderer, '--format', 'png', '--output', $target]);
        $process->setInput(SceneDrawing::svg($brief, $seed));
        $process->setTimeout(self::SECONDS);
        $process = MediaTools::toItsEnd($process, 'Drawing a picture');
        if (! $process->isSuccessful() || ! is_file($target)) {
            throw ToolFailed::from($process, 'Drawing a picture');
        }
    }
}
