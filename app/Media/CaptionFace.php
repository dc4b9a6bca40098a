<?php

declare(strict_types=1);

namespace App\Media;

use FontLib\Font;
use FontLib\TrueType\File as TrueTypeFile;
use RapidReel\Caption\FontMetrics;
use RuntimeException;

/** Reads a caption face's widths from its TrueType file. */
final class CaptionFace
{
    private ?FontMetrics $metrics = null;

    public function __construct(
        private readonly string $file,
        private readonly string $family,
    ) {
    }

    public function metrics(): FontMetrics
    {
        return $this->metrics ??= $this->read();
    }

    private function read(): FontMetrics
    {
        $font = Font::load($this->file);
        if (! $font instanceof TrueTypeFile) {
            throw new RuntimeException('The caption face cannot be read: '.basename($this->file));
        }
        $font->parse();
        $em = (float) $font->getData('head', 'unitsPerEm');
        /** @var array<int, array{0: int, 1: int}> $widths */
        $widths = $font->getData('hmtx');
        $advances = [];
        foreach ((array) $font->getUnicodeCharMap() as $code => $glyph) {
            $advances[(int) $code] = ($widths[$glyph][0] ?? $widths[0][0]) / $em;
        }
        // libass sizes a face by the Windows ascent and descent of its OS/2 table, as the format's first renderer did.
        $ascent = (int) $font->getData('OS/2', 'winAscent');
        $descent = (int) $font->getData('OS/2', 'winDescent');

        return new FontMetrics($this->family, $advances, ($ascent + $descent) / $em);
    }
}
