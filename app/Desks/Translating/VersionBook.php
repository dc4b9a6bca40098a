<?php

declare(strict_types=1);

namespace App\Desks\Translating;

use App\Shelves\Models\Scene;
use App\Shelves\Models\Short;
use RapidReel\Base\Language\LanguageFinder;
use RapidReel\Base\Language\WrittenAs;
use RapidReel\Base\Refusal;
use RapidReel\Text\Translation\Version\Comparison;
use RapidReel\Text\Translation\Version\RowState;

/** Versions held against what they are versions of. */
final readonly class VersionBook
{
    public function __construct(private TranslationDesk $sentences)
    {
    }

    /** @throws Refusal when it is no version, or its source is gone */
    public function source(Short $version): Short
    {
        $source = $version->source;
        if ($source === null) {
            throw new Refusal($version->version_of === null
                ? 'That is no version of another short.' : 'The short that it is a version of is deleted.');
        }

        return $source->loadMissing(['batch.channel', 'scenes.shots', 'notes', 'readings']);
    }

    /** @throws Refusal */
    public function compared(Short $version): Comparison
    {
        $source = $this->source($version);

        return Comparison::of(
            self::said($source), self::said($version->loadMissing('scenes')), $version->versionText(),
            $this->sentences->language($source), WrittenAs::primary($version->language),
        );
    }

    /**
     * How many sentences are behind, and whether the title is.
     *
     * @throws Refusal
     */
    public function behind(Short $version): int
    {
        return count($this->compared($version)->behind()) + ($this->isTitleBehind($version) ? 1 : 0);
    }

    /**
     * Keeps how many are, for lists.
     *
     * @throws Refusal
     */
    public function count(Short $version): void
    {
        Short::query()->whereKey($version->id)->toBase()->update(['behind' => $this->behind($version)]);
    }

    public function isTitleBehind(Short $version): bool
    {
        return self::title($version)->isBehind();
    }

    /** How its title stands to that of its source. */
    public static function title(Short $version): RowState
    {
        $title = $version->versionText()->title;

        return match (true) {
            $title->isOpen => RowState::Open,
            $title->source !== ($version->source->title ?? $title->source) => RowState::Changed,
            default => RowState::Same,
        };
    }

    public static function called(string $language): string
    {
        return LanguageFinder::name(WrittenAs::primary($language));
    }

    /** What is told of a sentence, in words: how it stands to its source, and what was found. */
    public static function told(RowState $state, string $told): string
    {
        return implode(' ', array_filter([$state === RowState::Same ? '' : ucfirst($state->says()).'.', $told]));
    }

    /** @return array<int, string> by the ids of scenes */
    private static function said(Short $short): array
    {
        return $short->scenes->mapWithKeys(static fn (Scene $scene): array => [$scene->id => $scene->text])->all();
    }
}
