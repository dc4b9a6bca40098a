<?php

declare(strict_types=1);

namespace RapidReel\Making\Render;

/** What an order may tell an encoder: settings that we write ourselves, and nothing that names a file. */
final class EncoderArguments
{
    private const NAMES = [
        '-c:v', '-preset', '-crf', '-qp', '-profile:v', '-pix_fmt', '-g', '-subq', '-colorspace', '-color_primaries',
        '-color_trc', '-color_range',
    ];

    /** @param  array<array-key, mixed>  $arguments  names, each before its value */
    public static function areOurs(array $arguments): bool
    {
        foreach (array_chunk($arguments, 2) as $pair) {
            if (
                ! is_string($pair[0]) || ! is_string($pair[1] ?? null) || ! in_array($pair[0], self::NAMES, true)
                || preg_match('/^[A-Za-z0-9.]{1,20}$/D', $pair[1]) !== 1
            ) {
                return false;
            }
        }

        return $arguments !== [];
    }
}
