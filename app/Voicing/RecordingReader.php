<?php

declare(strict_types=1);

namespace App\Voicing;

use App\Gateways\Voices\VoiceBook;
use App\Media\MediaStore;
use App\Media\SoundReader;
use App\Models\Reading;
use App\Models\Recording;
use App\Models\RecordingState;
use App\Models\Scene;
use App\Settings\Resolver;
use Illuminate\Support\Facades\DB;
use RapidReel\Align\AlignedWord;
use RapidReel\Align\Aligner;
use RapidReel\Align\Alignment;
use RapidReel\Align\WordDoubt;
use RapidReel\Intake\TextEncoding;
use RapidReel\Language\ScriptWord;
use RapidReel\Voice\Clipping;
use RapidReel\Voice\Leveler;
use RapidReel\Voice\Pcm;
use RapidReel\Voice\WordTiming;

/** Cleans a recording, finds its words, and cuts it into a take for every scene. */
final readonly class RecordingReader
{
    private const RATE = 48_000;

    /** Sound kept before the first word of a scene and after the last, as far as no other word begins. */
    private const LEAD_MS = 60;

    private const TAIL_MS = 140;

    public function __construct(
        private SoundReader $sounds,
        private ReferenceMaker $references,
        private TimingImport $timings,
        private Aligner $aligner,
        private TakeStore $takes,
        private VoiceBook $voices,
        private MediaStore $store,
        private Resolver $resolver,
    ) {
    }

    public function read(Recording $recording): void
    {
        if ($recording->state !== RecordingState::Waiting) {
            return;
        }
        $short = $recording->short;
        $texts =
            $recording->text !== ''
                ? [$recording->text]
                : array_values($short->scenes->map(static fn (Scene $scene): string => $scene->text)->all());
        $sound = $this->sounds->read($this->store->path($recording->path), $recording->name, self::RATE, clean: true);
        $remarks = Clipping::isHeard($sound) ? ['It was recorded too loud: its tops are cut off.'] : [];
        $aligned = $this->aligned($sound, $texts, $recording);
        if (! $aligned->isOfThisText) {
            $remarks[] = 'It does not sound like these words; listen before you use it.';
        }
        $sound = Leveler::level($sound);
        $rows = [];
        $first = 0;
        foreach ($texts as $i => $text) {
            $count = count(ScriptWord::of($text));
            $words = array_slice($aligned->words, $first, $count);
            $after = $aligned->words[$first + $count] ?? null;
            $before = $first > 0 ? $aligned->words[$first - 1]->timing->endMs : 0;
            $first += $count;
            $row =
                $words === []
                    ? null
                    : $this->take($sound, $words, $before, $after->timing->startMs ?? $sound->durationMs());
            if ($row !== null) {
                $rows[$text] = [
                    ...$row,
                    'short_id' => $short->id,
                    'recording_id' => $recording->id,
                    'text' => $text,
                    'accepted' => false,
                    'remarks' => [...$remarks, ...self::doubts($words)],
                ];
            }
        }
        DB::transaction(static function () use ($recording, $rows): void {
            // Another worker may have been quicker, or it was taken away.
            if (
                $recording->newQuery()->whereKey($recording->id)->where('state', RecordingState::Waiting)->doesntExist()
            ) {
                return;
            }
            foreach ($rows as $text => $row) {
                Reading::query()
                    ->where('short_id', $recording->short_id)
                    ->where('text', $text)
                    ->where('accepted', false)
                    ->update(['dropped' => true]);
                Reading::query()->create($row);
            }
            $recording->update(['state' => RecordingState::Ready, 'problem' => null]);
        });
    }

    /** @param  list<string>  $texts */
    private function aligned(Pcm $sound, array $texts, Recording $recording): Alignment
    {
        $voice = $this->references->voiceOf(
            $this->voices->get($this->resolver->short($recording->short)->voice())->language,
        );

        return $recording->timing !== null
            ? $this->timings->align($sound, $texts, TextEncoding::toUtf8($recording->timing) ?? '', $voice)
            : $this->references->align($this->aligner, $sound, $texts, $voice);
    }

    /**
     * @param  non-empty-list<AlignedWord>  $words
     * @return array{
     *     take: string,
     *     words: list<array{text: string, start_ms: int, end_ms: int, doubt: string, pinned: bool}>
     * }
     */
    private function take(Pcm $sound, array $words, int $beforeMs, int $afterMs): array
    {
        $start = $words[0]->timing->startMs;
        $end = $words[count($words) - 1]->timing->endMs;
        $from = max(min($start, intdiv($beforeMs + $start, 2)), $start - self::LEAD_MS);
        $until = min(max($end, intdiv($end + $afterMs, 2)), $end + self::TAIL_MS);
        $cut = $sound->between($from, $until);
        $duration = $cut->durationMs();
        $timings = array_map(
            static fn (AlignedWord $word): WordTiming => new WordTiming(
                $word->timing->text,
                min($duration, max(0, $word->timing->startMs - $from)),
                min($duration, max(0, $word->timing->endMs - $from)),
            ),
            $words,
        );
        $listed = array_map(
            static fn (WordTiming $timing, AlignedWord $word): array => [
                ...$timing->toArray(),
                'doubt' => $word->doubt->value,
                'pinned' => false,
            ],
            $timings,
            $words,
        );

        return ['take' => $this->takes->keep($cut, $timings)->key, 'words' => $listed];
    }

    /**
     * @param  list<AlignedWord>  $words
     * @return list<string>
     */
    private static function doubts(array $words): array
    {
        $said = static fn (WordDoubt $doubt): string => implode(
            '”, “',
            array_map(
                static fn (AlignedWord $word): string => $word->timing->text,
                array_filter($words, static fn (AlignedWord $word): bool => $word->doubt === $doubt),
            ),
        );

        return array_values(array_filter([
            $said(WordDoubt::Missing) === '' ? '' : '“'.$said(WordDoubt::Missing).'” '.WordDoubt::Missing->label().'.',
            $said(WordDoubt::Unclear) === '' ? '' : '“'.$said(WordDoubt::Unclear).'” '.WordDoubt::Unclear->label().'.',
        ], static fn (string $remark): bool => $remark !== ''));
    }
}
