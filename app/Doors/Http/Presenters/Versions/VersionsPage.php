<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Versions;

use App\Desks\Translating\GlossaryBook;
use App\Desks\Translating\SentenceTimes;
use App\Desks\Translating\TranslationDesk;
use App\Desks\Translating\Translator;
use App\Desks\Translating\VersionBook;
use App\Gateways\Voices\VoiceBook;
use App\Makers\Planning\ShortLanguage;
use App\Shelves\Models\Short;
use App\Shelves\Models\VersionOrder;
use RapidReel\Base\Refusal;
use RapidReel\Text\Translation\Version\RowState;
use RapidReel\Text\Translation\Version\VersionRow;

/** What is shown of the versions of a short. */
final readonly class VersionsPage
{
    public function __construct(
        private VersionBook $book,
        private SentenceTimes $times,
        private Translator $translator,
        private GlossaryBook $glossaries,
        private VoiceBook $voices,
        private ShortLanguage $languages,
    ) {
    }

    /**
     * @param  int  $chosen  id of the version that is looked at; 0 for the first
     *
     * @throws Refusal
     */
    public function of(Short $short, int $chosen = 0): VersionsView
    {
        $list = $this->list($short, $chosen);
        foreach ($list->cards as $card) {
            if ($card->short->id === $list->chosen) {
                return new VersionsView(
                    $short, $list->cards, $list->orders, $list->offered, $list->about, $list->chosen,
                    $this->sheet($card->short),
                );
            }
        }

        return $list;
    }

    /** The same without its sentences. */
    public function list(Short $short, int $chosen = 0): VersionsView
    {
        $short->load(['batch.channel', 'scenes.shots', 'notes', 'readings']);
        $versions = array_values($short->versions()->with('scenes')->get()->all());
        foreach ($versions as $version) {
            $version->setRelation('source', $short)->setRelation('batch', $short->batch);
        }
        $ids = array_map(static fn (Short $version): int => $version->id, $versions);

        return new VersionsView(
            $short, array_map(VersionCard::of(...), $versions),
            array_values(VersionOrder::query()->where('short_id', $short->id)->orderBy('id')->get()->all()),
            $this->offered($short), $this->translator->about(),
            in_array($chosen, $ids, true) ? $chosen : ($versions[0]->id ?? 0),
        );
    }

    /**
     * Languages that some voice here reads.
     *
     * @return array<string, string> names by tags
     */
    public function offered(?Short $short = null): array
    {
        $from = $short === null ? 'en' : $this->languages->of($short);
        $offered = [];
        foreach ($this->voices->all() as $voice) {
            if ($voice->primaryLanguage() !== $from) {
                $offered[$voice->primaryLanguage()] = VersionBook::called($voice->language);
            }
        }
        asort($offered);

        return $offered;
    }

    /** @throws Refusal */
    private function sheet(Short $version): VersionSheet
    {
        $compared = $this->book->compared($version);
        $times = $this->times->of($version, $compared);
        $text = $version->versionText();
        $source = $version->source->title ?? '';
        $lines = [new VersionLineView(
            TranslationDesk::TITLE, VersionBook::title($version), $source,
            $text->title->source === $source ? '' : $text->title->source, $version->title,
            $text->title->told,
        )];
        foreach ($compared->scenes as $scene) {
            foreach ($scene->rows as $row) {
                $lines[] = self::line($row, $times[$row->id] ?? null);
            }
        }
        $behind = array_filter($lines, static fn (VersionLineView $line): bool => $line->state->isBehind());

        return new VersionSheet(
            $version, $lines, count($behind), $this->glossaries->written($version->batch->channel, $version->language),
            $this->translator->knows($version->language),
        );
    }

    /** @param  array{has: float|null, takes: float|null, long: bool}|null  $time */
    private static function line(VersionRow $row, ?array $time): VersionLineView
    {
        return new VersionLineView(
            $row->id, $row->state, $row->source, $row->before === $row->source ? '' : $row->before,
            $row->state === RowState::Open ? '' : $row->target, $row->told,
            self::times($time['has'] ?? null, $time['takes'] ?? null), $time['long'] ?? false,
        );
    }

    private static function times(?float ...$seconds): string
    {
        return implode(' → ', array_map(
            static fn (float $one): string => number_format($one, 1).' s',
            array_filter($seconds, static fn (?float $one): bool => $one !== null),
        ));
    }
}
