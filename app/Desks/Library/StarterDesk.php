<?php

declare(strict_types=1);

namespace App\Desks\Library;

use App\Desks\Editing\EditBook;
use App\Media\Probing\UnusableMedia;
use App\Media\Process\ToolFailed;
use App\Shelves\Levels\Registrar;
use App\Shelves\Library\SoundDesk;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Music;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\StarterStyle;

/**
 * What a channel can begin with: music that ships, and house styles.
 *
 * @phpstan-type Piece array{
 *     mood: string, heard: array{duration_ms: int, loudness: float, tempo: float|null, bars: list<int>}
 * }
 */
final readonly class StarterDesk
{
    public function __construct(
        private SoundDesk $sounds,
        private Registrar $registrar,
        private EditBook $edits,
    ) {
    }

    /** Whether it has no music of its own yet. */
    public function lacksMusic(Channel $channel): bool
    {
        return Music::at($channel)->where('channel_id', $channel->id)->doesntExist();
    }

    /**
     * @return int pieces that are there now; those that were there already stay as they are
     *
     * @throws Refusal
     * @throws ToolFailed
     * @throws UnusableMedia
     */
    public function music(Channel $channel): int
    {
        $pieces = self::pieces();
        foreach ($pieces as $name => ['mood' => $mood, 'heard' => $heard]) {
            $this->sounds->music($channel, resource_path("music/$name.ogg"), "$name.ogg", $mood, $heard);
        }

        return count($pieces);
    }

    /**
     * The pieces that ship, with what the meter finds in each.
     *
     * @return array<string, Piece> by the name of each file
     */
    public static function pieces(): array
    {
        /** @var array<string, Piece> $pieces */
        $pieces = (array) json_decode((string) file_get_contents(resource_path('music/music.json')), true);

        return $pieces;
    }

    /**
     * Sets what a style sets, as one step; what it says nothing of stays.
     *
     * @throws Refusal
     */
    public function style(Channel $channel, StarterStyle $style): void
    {
        $values = $channel->settings;
        foreach ($this->registrar->of($channel)->read($style->settings(), Level::Channel)->own as $key => $value) {
            $values = $values->with($key, $value);
        }
        $this->edits->settings("began from “{$style->label()}”", [[$channel, $values]], [], static fn () => null);
    }
}
