<?php

declare(strict_types=1);

namespace App\Desks\Translating;

use App\Desks\Editing\EditBook;
use App\Desks\Editing\ShortWriter;
use App\Gateways\Voices\VoiceBook;
use App\Gateways\Voices\VoiceUnavailable;
use App\Ground\Work\HandedBack;
use App\Ground\Work\Orders;
use App\Makers\Planning\ShortPlanner;
use App\Makers\Planning\ShortShelves;
use App\Media\Process\Cancelled;
use App\Media\Process\ToolFailed;
use App\Media\Process\Unwatched;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Short;
use App\Shelves\Models\VersionOrder;
use Illuminate\Support\Facades\DB;
use RapidReel\Base\Language\WrittenAs;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Settings\SettingsReader;
use RapidReel\Text\Translation\Version\Comparison;
use RapidReel\Text\Translation\Version\Pair;
use RapidReel\Text\Translation\Version\VersionDraft;
use RapidReel\Text\Translation\Version\VersionText;
use RapidReel\Text\Translation\Version\VersionWay;

/** Versions of shorts in other languages, made. */
final readonly class VersionDesk
{
    private const MOST_LANGUAGES = 12;

    public function __construct(
        private TranslationDesk $sentences,
        private Translator $translator,
        private GlossaryBook $glossaries,
        private VoiceBook $voices,
        private Resolver $resolver,
        private EditBook $edits,
        private ShortWriter $writer,
        private VersionFollow $follow,
    ) {
    }

    /**
     * Has versions made by workers. What there is already, or is ordered, is not ordered again.
     *
     * @param  list<Short>  $shorts  of the batch; versions among them are left out
     * @param  list<string>  $languages  BCP 47
     * @return string what was done, in words
     *
     * @throws Refusal
     */
    public function order(Batch $batch, array $shorts, array $languages, VersionWay $way, Orders $orders): string
    {
        $languages = array_values(array_unique(array_filter(array_map(trim(...), $languages))));
        if ($languages === [] || count($languages) > self::MOST_LANGUAGES) {
            throw new Refusal(sprintf('Choose a language, or up to %d of them.', self::MOST_LANGUAGES));
        }
        $shorts = array_values(array_filter(
            $shorts, static fn (Short $short): bool => $short->version_of === null,
        ));
        $wanted = [];
        foreach ($shorts as $short) {
            foreach ($languages as $language) {
                $this->check($short, $language);
                $tag = WrittenAs::tag($language);
                if (! $this->isThere($short, $tag)) {
                    $wanted["$short->id $tag"] = [$short, $tag];
                }
            }
        }
        if ($wanted === []) {
            throw new Refusal($shorts === [] ? 'Choose a short that is no version itself.'
                : 'All of these are there already.');
        }
        $this->writer->checkRoom($batch, count($wanted));
        DB::transaction(static function () use ($wanted, $way, $orders): void {
            foreach ($wanted as [$short, $language]) {
                VersionOrder::query()->where('short_id', $short->id)->where('language', $language)->delete();
                $order = VersionOrder::query()->create([
                    'short_id' => $short->id, 'language' => $language, 'way' => $way,
                ]);
                $orders->makeVersion($order->id);
            }
        });

        return sprintf(
            '%s ordered: %s.', count($wanted) === 1 ? 'One version' : count($wanted).' versions',
            implode(', ', array_map(VersionBook::called(...), array_unique(array_column($wanted, 1)))),
        );
    }

    /**
     * Makes one at once.
     *
     * @throws Refusal
     * @throws HandedBack
     * @throws Cancelled
     * @throws ToolFailed
     */
    public function make(Short $source, string $language, VersionWay $way, ?VersionOrder $order = null): Short
    {
        $this->check($source, $language);
        $language = WrittenAs::tag($language);
        // Its pictures, its times and its voice are taken over: it has to have some.
        app(ShortPlanner::class)->current($source, app(ShortShelves::class)->of($source), new Unwatched);
        $source->load(['batch.channel', 'scenes.shots', 'notes', 'readings', 'kept']);
        $sent = $this->sentences->of($source, $language);
        $pairs = $this->translator->pairs($sent, $this->glossaries->of($source->batch->channel, $language), $way);

        $made = $this->edits->add(
            $source->batch, sprintf('%s of %02d', VersionBook::called($language), $source->number),
            function () use ($source, $language, $way, $order, $pairs): array {
                if ($this->isThere($source, $language) || ($order !== null && ! self::isOpen($order))) {
                    throw new Refusal(sprintf(
                        'There is one in %s already.', VersionBook::called($language),
                    ));
                }
                $this->writer->checkRoom($source->batch, 1);
                $version = $this->written($source, $language, $way, $pairs);
                $order?->delete();

                return [$version];
            },
        );

        $version = $made[0]->refresh();
        app(VersionBook::class)->count($version);

        return $version;
    }

    public function fail(int $order, string $problem): void
    {
        VersionOrder::query()->whereKey($order)->update([
            'open' => false, 'problem' => mb_strimwidth($problem, 0, 480, '…'),
        ]);
    }

    private static function isOpen(VersionOrder $order): bool
    {
        return VersionOrder::query()->whereKey($order->id)->where('open', true)->exists();
    }

    private function isThere(Short $source, string $language): bool
    {
        return Short::query()->where('version_of', $source->id)->where('language', $language)->exists();
    }

    /** @throws Refusal */
    private function check(Short $source, string $language): void
    {
        if ($source->version_of !== null) {
            throw new Refusal('That is a version itself. Make others of the short that it is a version of.');
        }
        $this->sentences->ask($source, $language);
    }

    /**
     * @param  array<string, Pair>  $pairs
     *
     * @throws Refusal
     * @throws ToolFailed
     */
    private function written(Short $source, string $language, VersionWay $way, array $pairs): Short
    {
        $title = $pairs[TranslationDesk::TITLE] ?? new Pair($source->title, $source->title, '', true);
        $compared = Comparison::of(
            $source->scenes->pluck('text', 'id')->map(static fn (mixed $text): string => (string) $text)->all(), [],
            new VersionText, $this->sentences->language($source), WrittenAs::primary($language),
        );
        $draft = VersionDraft::of($source->manuscript(), null, $compared, $pairs, $language);
        $voice = $way === VersionWay::Captions ? null : $this->voiceOf($source, $language);
        // A language that nobody speaks here has captions over the first voice.
        $way = $voice === null ? VersionWay::Captions : $way;
        $version = $source->replicate([...ShortWriter::MADE, 'publish_at', 'variant_of', 'review', 'inputs']);
        $version->fill([
            'version_of' => $source->id, 'language' => $language,
            'number' => $this->writer->lastNumber($source->batch) + 1,
            'title' => $title->target, 'script' => $draft->manuscript->spoken(),
            'settings' => $this->follow->begun($source, $voice),
            'shown_before' => [],
            'way' => $way,
        ]);
        $version->unsetRelations();
        // One that was deleted stands by itself, should that be undone.
        Short::onlyTrashed()->where('version_of', $source->id)->where('language', $language)
            ->update(['version_of' => null]);
        $version->save();
        $this->writer->write($version, $draft->manuscript);
        $ids = array_map(intval(...), $version->scenes()->pluck('id')->all());
        $version->translated = (new VersionText($draft->lines(array_values($ids), new VersionText), $title))->toJson();
        $version->save();
        $this->follow->taken($version, $source);

        return $version;
    }

    /**
     * @return string|null the id of a voice that reads the language; null where none does
     *
     * @throws VoiceUnavailable
     * @throws Refusal
     */
    private function voiceOf(Short $source, string $language): ?string
    {
        $like = $this->voices->saying(SettingsReader::speech($this->resolver->short($source)));

        return $this->voices->reading(WrittenAs::primary($language), $like)?->id;
    }
}
