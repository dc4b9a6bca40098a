<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Versions;

use App\Desks\Translating\GlossaryBook;
use App\Desks\Translating\TranslationDesk;
use App\Desks\Translating\Translator;
use App\Desks\Translating\VersionBook;
use App\Desks\Translating\VersionUpdate;
use App\Gateways\Voices\VoiceBook;
use App\Gateways\Voices\VoiceRates;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Short;
use App\Shelves\Models\VersionOrder;
use RapidReel\Base\Language\WrittenAs;
use RapidReel\Base\Refusal;
use RapidReel\Text\Translation\TranslationUnit;
use RapidReel\Text\Translation\Version\RowState;
use RapidReel\Text\Translation\Version\VersionRow;
use RapidReel\Text\Translation\Version\VersionWay;
use RapidReel\Voice\Speech\Voice;

/** What is shown of the versions of a short. */
final readonly class VersionsPage
{
    public function __construct(
        private VersionBook $book,
        private VersionUpdate $update,
        private Translator $translator,
        private GlossaryBook $glossaries,
        private VoiceBook $voices,
        private VoiceRates $rates,
        private Resolver $resolver,
    ) {
    }

    /**
     * @param  int  $chosen  id of the version that is looked at; 0 for the first
     *
     * @throws Refusal
     */
    public function of(Short $short, int $chosen = 0): VersionsView
    {
        $short->load(['batch.channel', 'scenes.shots', 'notes', 'readings']);
        $versions = array_values($short->versions()->with('scenes')->get()->all());
        $shown = null;
        foreach ($versions as $version) {
            $version->setRelation('source', $short)->setRelation('batch', $short->batch);
            $shown = $version->id === $chosen ? $version : $shown;
        }
        $shown ??= $versions[0] ?? null;

        return new VersionsView(
            $short, array_map(VersionCard::of(...), $versions),
            array_values(VersionOrder::query()->where('short_id', $short->id)->orderBy('id')->get()->all()),
            $this->offered($short), $this->translator->about(), $shown === null ? null : $this->sheet($shown),
        );
    }

    /**
     * Languages that some voice here reads.
     *
     * @return array<string, string> names by tags
     */
    public function offered(?Short $short = null): array
    {
        $from = $short === null ? 'en'
            : $this->voices->get($this->resolver->short($short)->text('voice'))->primaryLanguage();
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
        $units = [];
        $compared = $this->book->compared($version);
        foreach ($this->update->sent($version, $compared)->units as $unit) {
            $units[$unit->id] = $unit;
        }
        $voice = $this->voice($version);
        $text = $version->versionText();
        $source = $version->source->title ?? '';
        $lines = [new VersionLineView(
            TranslationDesk::TITLE, match (true) {
                $text->title->isOpen => RowState::Open,
                $text->title->source !== $source => RowState::Changed,
                default => RowState::Same,
            }, $source, $text->title->source === $source ? '' : $text->title->source, $version->title,
            $text->title->told,
        )];
        foreach ($compared->scenes as $scene) {
            foreach ($scene->rows as $row) {
                $lines[] = $this->line($row, $units[$row->id] ?? null, $version->way, $voice);
            }
        }
        $behind = array_filter($lines, static fn (VersionLineView $line): bool => $line->state->isBehind());

        return new VersionSheet(
            $version, $lines, count($behind), $this->glossaries->written($version->batch->channel, $version->language),
            $this->translator->knows($version->language),
        );
    }

    private function line(VersionRow $row, ?TranslationUnit $unit, VersionWay $way, ?Voice $voice): VersionLineView
    {
        $isSaid = $row->target !== '' && $row->state !== RowState::Open;
        $takes = $voice === null || ! $isSaid ? null : $this->rates->of($voice)->ofText($row->target) / 1000;
        $long = $unit?->seconds !== null && $takes !== null && $way !== VersionWay::Voice
            && $takes > $unit->seconds * 1.12;

        return new VersionLineView(
            $row->id, $row->state, $row->source, $row->before === $row->source ? '' : $row->before,
            $row->state === RowState::Open ? '' : $row->target, $row->told, self::times($unit?->seconds, $takes), $long,
        );
    }

    private static function times(?float ...$seconds): string
    {
        return implode(' → ', array_map(
            static fn (float $one): string => number_format($one, 1).' s',
            array_filter($seconds, static fn (?float $one): bool => $one !== null),
        ));
    }

    /** The voice that reads it, if it is one of its language. */
    private function voice(Short $version): ?Voice
    {
        foreach ($this->voices->all() as $voice) {
            if ($voice->id === $this->resolver->short($version)->text('voice')) {
                return $voice->primaryLanguage() === WrittenAs::primary($version->language) ? $voice : null;
            }
        }

        return null;
    }
}
