<?php

declare(strict_types=1);

namespace App\Desks\Translating;

use App\Desks\Editing\EditBook;
use App\Desks\Editing\ShortWriter;
use App\Media\Process\ToolFailed;
use App\Shelves\Models\Short;
use RapidReel\Base\PlainText;
use RapidReel\Base\Refusal;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Translation\CheckedTranslation;
use RapidReel\Text\Translation\ReturnedUnit;
use RapidReel\Text\Translation\Translation;
use RapidReel\Text\Translation\TranslationCheck;
use RapidReel\Text\Translation\TranslationUnit;
use RapidReel\Text\Translation\Version\Comparison;
use RapidReel\Text\Translation\Version\Pair;
use RapidReel\Text\Translation\Version\VersionDraft;

/** Sentences of a version brought up to date, taken from a file, or written by hand. */
final readonly class VersionUpdate
{
    public function __construct(
        private TranslationDesk $sentences,
        private Translator $translator,
        private GlossaryBook $glossaries,
        private VersionBook $book,
        private VersionFollow $follow,
        private EditBook $edits,
        private ShortWriter $writer,
    ) {
    }

    /**
     * Has the sentences that are behind translated, and no others.
     *
     * @return int how many
     *
     * @throws Refusal
     */
    public function bring(Short $version): int
    {
        $source = $this->book->source($version);
        $compared = $this->book->compared($version);
        $ids = array_column($compared->behind(), 'id');
        $this->book->isTitleBehind($version) && array_push($ids, TranslationDesk::TITLE);
        if ($ids === []) {
            return 0;
        }
        $sent = $this->sent($version, $compared);
        $units = array_values(array_filter(
            $sent->units, static fn (TranslationUnit $unit): bool => in_array($unit->id, $ids, true),
        ));
        $pairs = $this->translator->pairs(
            new Translation($sent->original, $sent->from, $sent->to, $units),
            $this->glossaries->of($source->batch->channel, $version->language),
            $version->way,
        );
        $this->write($version, $pairs, 'brought up to date');

        return count($ids);
    }

    /**
     * Takes what came back from a translator; the rest stays as it is.
     *
     * @param  string  $file  XLIFF or a table
     *
     * @throws Refusal when none of it is of this version
     */
    public function take(Short $version, string $file): CheckedTranslation
    {
        $source = $this->book->source($version);
        $sent = $this->sent($version);
        $returned = $this->sentences->read($file);
        $checked = TranslationCheck::of(
            Translator::timed($sent, $version->way), $returned,
            $this->glossaries->of($source->batch->channel, $version->language),
        );
        // What was translated of an older source is behind still.
        $pairs = Translator::taken($sent, $checked);
        foreach ($pairs as $id => $pair) {
            $was = ($returned->units[$id] ?? new ReturnedUnit(null, null))->source;
            if ($was !== null && $was !== PlainText::line($pair->source)) {
                $pairs[$id] = new Pair($was, $pair->target, $pair->told);
            }
        }
        if ($pairs !== []) {
            $this->write($version, $pairs, 'translation taken from a file');
        }

        return $checked;
    }

    /**
     * Writes sentences by hand, as one change. What is as it was is left alone.
     *
     * @param  array<array-key, string>  $said  by what translators know them by
     * @return int how many were changed
     *
     * @throws Refusal
     * @throws ToolFailed
     */
    public function say(Short $version, array $said): int
    {
        $pairs = [];
        $sent = $this->sent($version);
        foreach ($sent->units as $unit) {
            $target = PlainText::line($said[$unit->id] ?? '');
            if (! isset($said[$unit->id]) || $target === ($sent->targets[$unit->id] ?? '')) {
                continue;
            }
            if (! Scene::isSpeakable($target)) {
                throw new Refusal(sprintf(
                    'Write what is to be said for “%s”.', mb_strimwidth($unit->source, 0, 60, '…'),
                ));
            }
            $pairs[$unit->id] = new Pair($unit->source, $target);
        }
        if ($pairs !== []) {
            $this->write($version, $pairs, count($pairs) === 1 ? 'sentence translated' : 'sentences translated');
        }

        return count($pairs);
    }

    /**
     * All its sentences as its source has them now, and what they are in it.
     *
     * @param  Comparison|null  $compared  with its source, where that is known
     *
     * @throws Refusal
     */
    public function sent(Short $version, ?Comparison $compared = null): Translation
    {
        $compared ??= $this->book->compared($version);
        $sent = $this->sentences->of($this->book->source($version), $version->language, $compared);
        $targets = [];
        foreach ($compared->scenes as $scene) {
            foreach ($scene->rows as $row) {
                if ($row->id !== '' && $row->target !== '' && ! $row->pair()->isOpen) {
                    $targets[$row->id] = $row->target;
                }
            }
        }
        if (! $version->versionText()->title->isOpen) {
            $targets[TranslationDesk::TITLE] = $version->title;
        }

        return new Translation($sent->original, $sent->from, $sent->to, $sent->units, $targets);
    }

    /**
     * @param  array<string, Pair>  $pairs  by the ids of sentences
     *
     * @throws Refusal
     */
    private function write(Short $version, array $pairs, string $what): void
    {
        $source = $this->book->source($version);
        $this->edits->change($source->batch, $what, [$version], function (Short $short) use ($source, $pairs): void {
            $text = $short->versionText();
            $was = $short->manuscript();
            $draft = VersionDraft::of(
                $source->manuscript(), $was, $this->book->compared($short), $pairs, $short->language,
            );
            $this->writer->write($short, $draft->manuscript);
            $title = $pairs[TranslationDesk::TITLE] ?? null;
            if ($title !== null) {
                $short->title = $title->target;
            }
            $ids = array_map(intval(...), $short->scenes()->pluck('id')->all());
            $short->translated = $text->with($draft->lines(array_values($ids), $text, $was), $title)->toJson();
            $short->load('scenes.shots');
            $this->follow->taken($short, $source->load('kept'));
        });
        $version->refresh();
        $this->book->count($version);
    }
}
