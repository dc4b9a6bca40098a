<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use RapidReel\Base\Subtitle\Ass;
use RapidReel\Base\Subtitle\SubRip;
use RapidReel\Base\Subtitle\TimedCue;
use RapidReel\Base\Subtitle\WebVtt;
use RapidReel\Captions\Cue\Cue;
use RapidReel\Captions\Drawing\AssWriter;

/** The captions of a cut as a file, by its extension. */
enum CaptionFile: string
{
    case SubRip = 'srt';
    case WebVtt = 'vtt';
    case Ass = 'ass';

    public function write(Cut $cut): string
    {
        $later = $cut->over->introOutro->openingMs();
        $moved = static fn (Cue $cue): Cue => $cue->later($later);
        $cues = array_map($moved, $cut->cues);
        $unseen = UnseenWords::of($cut, $later);
        $timed = [...array_map(static fn (Cue $cue): TimedCue => $cue->timed(), $cues), ...$unseen];
        usort($timed, static fn (TimedCue $one, TimedCue $other): int => $one->startMs <=> $other->startMs);

        return match ($this) {
            self::SubRip => SubRip::write($timed),
            self::WebVtt => WebVtt::write($timed),
            // As it is burned in; the others hold what is said.
            self::Ass => Ass::withWords(
                AssWriter::write(
                    [...$cues, ...array_map($moved, $cut->over->second)],
                    $cut->grid()->fps, 0, 0, $cut->wholeFrames(), count($cues),
                )->ass, $unseen,
            ),
        };
    }
}
