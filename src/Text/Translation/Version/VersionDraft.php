<?php

declare(strict_types=1);

namespace RapidReel\Text\Translation\Version;

use RapidReel\Base\Language\WrittenAs;
use RapidReel\Base\Refusal;
use RapidReel\Text\Manuscript\Manuscript;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneOwn;

/** The scenes of a version as they are to be: what was translated in its place, and all else as it was. */
final readonly class VersionDraft
{
    /**
     * @param  list<int>  $of  ids of the scenes that they are of, in the order of the scenes
     * @param  list<list<Pair>>  $pairs  sentences of each
     */
    private function __construct(
        public Manuscript $manuscript,
        public array $of,
        public array $pairs,
    ) {
    }

    /**
     * @param  Manuscript  $source  as it is now
     * @param  Manuscript|null  $version  as it is now; null where there is none yet
     * @param  array<string, Pair>  $fresh  what was translated, by the ids of rows
     * @param  string  $language  of the version, as a BCP 47 tag
     *
     * @throws Refusal when a scene would be too long
     */
    public static function of(
        Manuscript $source,
        ?Manuscript $version,
        Comparison $compared,
        array $fresh,
        string $language,
    ): self {
        $scenes = $keys = $of = $said = [];
        $sources = array_combine(array_map(intval(...), $source->keys), $source->scenes);
        $versions = $version === null ? []
            : array_combine(array_map(intval(...), $version->keys), $version->scenes);
        foreach ($compared->scenes as $scene) {
            if ($scene->of === null) {
                continue;
            }
            $pairs = self::pairs($scene, $fresh);
            $text = implode(WrittenAs::betweenSentences($language), array_column($pairs, 'target'));
            $now = $versions[$scene->scene ?? 0] ?? null;
            $scenes[] = $now !== null ? $now->saying($text) : self::begun($sources[$scene->of], $text, $pairs);
            $keys[] = $now === null ? null : $scene->scene;
            $of[] = $scene->of;
            $said[] = $pairs;
        }
        if ($scenes === []) {
            throw new Refusal('There is no scene that it could be a version of.');
        }

        return new self(new Manuscript($scenes, $keys), $of, $said);
    }

    /**
     * What was taken over is taken over again, at the words that there are now; what somebody changed stays theirs.
     *
     * @param  list<int>  $ids  of the scenes, as they are kept now
     * @param  Manuscript|null  $was  the version as it was; null where there was none
     * @return list<VersionLine>
     */
    public function lines(array $ids, VersionText $before, ?Manuscript $was = null): array
    {
        $own = $was === null ? [] : array_combine(
            array_map(intval(...), $was->keys), array_column($was->scenes, 'own'),
        );

        return array_map(static function (int $id, int $of, array $pairs) use ($before, $own): VersionLine {
            $followed = $before->lineOf($of)->followed ?? '';
            $isFollowing = isset($own[$id]) && FollowedShots::hash($own[$id]) === $followed;

            return new VersionLine($id, $of, $pairs, $isFollowing ? '' : $followed);
        }, $ids, $this->of, $this->pairs);
    }

    /**
     * @param  array<string, Pair>  $fresh
     * @return list<Pair>
     */
    private static function pairs(ComparedScene $scene, array $fresh): array
    {
        $pairs = [];
        foreach ($scene->rows as $row) {
            $pair = $row->id === '' ? null : ($fresh[$row->id] ?? match ($row->state) {
                RowState::Gone => null,
                RowState::Missing => new Pair($row->source, $row->source, 'Nobody translated it yet.', true),
                default => $row->pair(),
            });
            if ($pair !== null) {
                $pairs[] = $pair;
            }
        }

        return $pairs;
    }

    /**
     * With the pictures and settings of the scene that it is of.
     *
     * @param  list<Pair>  $pairs
     *
     * @throws Refusal
     */
    private static function begun(Scene $source, string $text, array $pairs): Scene
    {
        return new Scene($source->role, $text, $source->startsLine, $source->brief, new SceneOwn(
            $source->own->settings, [], FollowedShots::of($source, $pairs),
        ));
    }
}
