<?php

declare(strict_types=1);

namespace App\Makers\Planning;

use App\Shelves\Models\Scene;
use App\Shelves\Models\Short;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Choice\SecondCaptions;
use RapidReel\Text\Translation\Version\Beside;
use RapidReel\Text\Translation\Version\VersionText;

/** What the scenes of a short say in another language: in a version of it, or in what it is a version of. */
final readonly class SecondTexts
{
    public function __construct(private ShortLanguage $languages)
    {
    }

    /**
     * Scenes that are to show captions in a second language with what those say. They say nothing where there is no
     * such version, and there are none where they would say the same again.
     *
     * @param  non-empty-list<SceneTask>  $tasks  one for each scene of the short
     * @return non-empty-list<SceneTask>
     */
    public function said(Short $short, array $tasks): array
    {
        $others = $texts = [];
        foreach ($tasks as $i => $task) {
            $second = $task->settings->second;
            $scene = $short->scenes[$i] ?? null;
            if ($second === null || $scene === null) {
                continue;
            }
            $language = $second->language;
            if (! array_key_exists($language, $others)) {
                $others[$language] = $this->speaks($short, $language) ? $short : $this->other($short, $language);
                $texts[$language] = [self::text($short), self::text($others[$language])];
            }
            $other = $others[$language];
            $tasks[$i] = $task->beside(
                $other === $short ? null : self::saying($scene, $other, $texts[$language], $second),
            );
        }

        return $tasks;
    }

    /** @param  array{VersionText|null, VersionText|null}  $texts  by which the one and the other are versions */
    private static function saying(Scene $scene, ?Short $other, array $texts, SecondCaptions $second): SecondCaptions
    {
        $beside = $other === null ? null : Beside::ofScene($scene->id, ...$texts);
        $said = $beside === null ? null : $other?->scenes->find($beside->scene);

        return $beside !== null && $said instanceof Scene ? $second->saying($beside->pairs, $said->text) : $second;
    }

    private static function text(?Short $short): ?VersionText
    {
        return $short?->version_of === null ? null : $short->versionText();
    }

    /**
     * Shorts of the same family, which may show what this one says beside what they say themselves.
     *
     * @return list<Short>
     */
    public static function family(Short $short): array
    {
        $source = $short->version_of === null ? $short : $short->source;
        $versions = Short::query()->where('version_of', $short->version_of ?? $short->id)->orderBy('id')->get()->all();

        return array_values(array_filter(
            [...($source === null ? [] : [$source]), ...$versions],
            static fn (Short $one): bool => $one->id !== $short->id,
        ));
    }

    private function other(Short $short, string $language): ?Short
    {
        foreach (self::family($short) as $one) {
            if ($this->speaks($one->loadMissing('batch.channel'), $language)) {
                return $one->loadMissing('scenes');
            }
        }

        return null;
    }

    /** What a voice that was taken away speaks nobody can say. */
    private function speaks(Short $short, string $language): bool
    {
        try {
            return $this->languages->of($short) === $language;
        } catch (Refusal) {
            return false;
        }
    }
}
