<?php

declare(strict_types=1);

namespace RapidReel\Plan\Review\Check;

use RapidReel\Base\Target\TargetSound;
use RapidReel\Plan\Choice\MusicLevel;
use RapidReel\Plan\Finding\FindingKind;

/** What is heard: whether the voice stays clear, and whether the mix is what the target asks for. */
final class SoundChecks
{
    /** What is measured afterwards is not quite what was measured before. */
    private const SLACK_DB = 1.0;

    private const QUIETER_DB = 6;

    /** @return list<Finding> */
    public static function of(Reviewed $short): array
    {
        $sound = $short->seen->sound;
        if ($sound === null) {
            return [];
        }
        $found = [];
        $music = $short->cut->sound->music;
        if ($sound['clear'] !== null && $music !== null && $sound['clear'] < MusicLevel::CLEAR_DB - self::SLACK_DB) {
            $needed = $music->level->under + max(self::QUIETER_DB, (int) ceil(MusicLevel::CLEAR_DB - $sound['clear']));
            $found[] = new Finding(
                FindingKind::MusicLoud,
                sprintf('The voice stands only %.1f dB over the music at worst; %.0f are clear.', $sound['clear'],
                    MusicLevel::CLEAR_DB),
                Sureness::Measured, new FindingPlace, $short->text(),
                new FindingMend(MendDeed::Set, "Music $needed dB under the voice", 'music_level', $needed),
            );
        }
        // What other targets ask for is mixed for them.
        $wanted = $short->cut->form->target->sound;
        $off = $sound['loudness'] - $wanted->loudness;
        if (abs($off) > TargetSound::NEAR) {
            $found[] = new Finding(
                FindingKind::Loudness,
                sprintf('The mix is %.1f LUFS loud; the target asks for %.1f.', $sound['loudness'], $wanted->loudness),
                Sureness::Measured, new FindingPlace, $short->text(),
            );
        }
        if ($sound['peak'] > $wanted->truePeak + TargetSound::OVER) {
            $found[] = new Finding(
                FindingKind::Loudness,
                sprintf('Peaks reach %.1f dBTP; the target takes %.1f.', $sound['peak'], $wanted->truePeak),
                Sureness::Measured, new FindingPlace, $short->text(),
            );
        }

        return $found;
    }
}
