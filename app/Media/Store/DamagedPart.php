<?php

declare(strict_types=1);

namespace App\Media\Store;

use RapidReel\Base\Refusal;

/** Something that a video is made of is not what it was, and cannot be made again from anything that is here. */
final class DamagedPart extends Refusal
{
    public static function logo(string $name): self
    {
        return self::of("The logo “{$name}”", 'Upload it again on the page of the house style, or choose another');
    }

    public static function effect(string $name): self
    {
        return self::of("The effect “{$name}”", 'Upload it again on the page of sounds, or choose another');
    }

    public static function music(string $name): self
    {
        return self::of("The music “{$name}”", 'Upload it again on the page of sounds, or choose another piece');
    }

    public static function face(): self
    {
        return self::of(
            'A typeface that captions or cards are set in',
            'Upload it again on the page of caption styles, or choose another',
        );
    }

    public static function table(): self
    {
        return self::of('The colour table', 'Upload it again on the page of the house style, or choose another');
    }

    public static function clip(string $name): self
    {
        return self::of("The sound of “{$name}”", 'Upload the clip again, or swap it for another');
    }

    /** Whatever it is, it has no name that anybody here knows. */
    public static function picture(): self
    {
        return self::of(
            'A picture that was laid over the short', 'Change the card or the logo that shows it, or delete it',
        );
    }

    private static function of(string $what, string $do): self
    {
        return new self(
            "$what was changed, damaged or deleted on the disk since it was uploaded. $do; then export again.",
        );
    }
}
