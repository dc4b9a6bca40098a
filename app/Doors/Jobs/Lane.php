<?php

declare(strict_types=1);

namespace App\Doors\Jobs;

/** Where orders wait, those first that somebody sits before. */
enum Lane: string
{
    /** A page is open and shows nothing until it is done. */
    case Looks = 'looks';
    /** Recordings, pictures, house styles: somebody waits, and it may take a minute. */
    case Words = 'words';
    /** A short is voiced and planned: some seconds each. */
    case Plans = 'plans';
    /** Clips that are looked through or mended: minutes, and not to be done in pieces. */
    case Long = 'long';
    /** Exports: minutes, between whose segments others come in. */
    case Renders = 'renders';
    /** Shorts on their way to outlets: they wait for others most of the time. */
    case Posts = 'posts';
    /** What nobody has asked for yet. */
    case Proofs = 'proofs';

    /** @return list<string> of those that exports give way to */
    public static function beforeExports(): array
    {
        return [self::Looks->value, self::Words->value];
    }
}
