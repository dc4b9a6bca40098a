<?php

declare(strict_types=1);

namespace App\Makers\Voicing;

use App\Gateways\Voices\VoiceBook;
use App\Gateways\Voices\VoiceUnavailable;
use App\Media\Audio\SoundFile;
use App\Media\Audio\SoundReader;
use App\Media\Probing\UnusableMedia;
use App\Media\Process\ToolFailed;
use App\Media\Process\TooMuch;
use App\Media\Process\TooSlow;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Reading;
use App\Shelves\Models\Recording;
use App\Shelves\Models\RecordingState;
use App\Shelves\Models\Scene;
use Illuminate\Support\Facades\DB;
use RapidReel\Base\Language\ScriptWord;
use RapidReel\Base\Refusal;
use RapidReel\Voice\Align\AlignedWord;
use RapidReel\Voice\Align\Aligner;
use RapidReel\Voice\Align\Alignment;
use RapidReel\Voice\Align\Cepstra;
use RapidReel\Voice\Align\NotAlignable;
use RapidReel\Voice\Align\WordDoubt;
use RapidReel\Voice\Speech\Leveler;
use RapidReel\Voice\Speech\Pcm;
use RapidReel\Voice\Speech\SoundCheck;
use RapidReel\Voice\Speech\WordTiming;

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

    /**
     * @throws StrangePlace
     * @throws Refusal
     * @throws ToolFailed
     */
    public function read(Recording $recording): void
    {
        if ($recording->state !== RecordingState::Waiting) {
            return;
        }
        if (! is_file($this->store->path($recording->path))) {
            throw new Refusal('Its file is not on the disk any more. Upload it again.');
        }
        $short = $recording->short;
        $texts =
            $recording->text !== ''
                ? [$recording->text]
                : array_values($short->scenes->map(static fn (Scene $scene): string => $scene->text)->all());
        $folder = $this->store->workFolder();
        try {
            $rows = $this->rows($recording, $texts, $folder);
        } finally {
            $this->store->discard($folder);
        }
        DB::transaction(static function () use ($recording, $rows): void {
            // Another worker may have been quicker, or it was deleted.
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

    /**
     * @param  list<string>  $texts
     * @return array<string, array<string, mixed>> a reading for each text
     *
     * @throws UnusableMedia
     * @throws ToolFailed
     * @throws StrangePlace
     * @throws TooMuch
     * @throws TooSlow
     * @throws Refusal
     */
    private function rows(Recording $recording, array $texts, string $folder): array
    {
        $path = $this->store->path($recording->path);
        // Words are found in what is coarser; what is heard is cut out of the whole.
        $aligned = $this->aligned(
            $this->sounds->open($path, $recording->name, Cepstra::RATE, $folder, clean: true)->whole(),
            $texts,
            $recording,
        );
        $sound = $this->sounds->open($path, $recording->name, self::RATE, $folder, clean: true);
        $check = SoundCheck::of($sound->pieces());
        $remarks = $check->isClipped ? ['It was recorded too loud: its peaks are clipped.'] : [];
        if (! $aligned->isOfThisText) {
            $remarks[] = 'It does not sound like these words; listen before you use it.';
        }
        $factor = Leveler::factor($check);
        $rows = [];
        $first = 0;
        foreach ($texts as $text) {
            $count = count(ScriptWord::of($text));
            $words = array_slice($aligned->words, $first, $count);
            $after = $aligned->words[$first + $count] ?? null;
            $before = $first > 0 ? $aligned->words[$first - 1]->timing->endMs : 0;
            $first += $count;
            if ($words !== []) {
                $rows[$text] = [
                    ...$this->take($sound, $factor, $words, $before, $after->timing->startMs ?? $sound->durationMs()),
                    'short_id' => $recording->short_id,
                    'recording_id' => $recording->id,
                    'text' => $text,
                    'accepted' => false,
                    'remarks' => [...$remarks, ...self::doubts($words)],
                ];
            }
        }

        return $rows;
    }

    /**
     * Cuts a reading out of its recording again, as it was, where its take was damaged on the disk.
     *
     * @return bool whether that could be done
     *
     * @throws ToolFailed
     * @throws StrangePlace
     * @throws TooMuch
     * @throws TooSlow
     */
    public function mend(Reading $reading): bool
    {
        $recording = $reading->recording;
        if (
            $recording === null || $reading->from_ms === null || $reading->until_ms === null ||
            ! is_file($this->store->path($recording->path))
        ) {
            return false;
        }
        $folder = $this->store->workFolder();
        try {
            $path = $this->store->path($recording->path);
            $sound = $this->sounds->open($path, $recording->name, self::RATE, $folder, clean: true);
            $this->takes->putBack(
                $reading->take,
                Leveler::apply(
                    $sound->between($reading->from_ms, $reading->until_ms),
                    Leveler::factor(SoundCheck::of($sound->pieces())),
                ),
                $reading->timings(),
            );
        } catch (UnusableMedia) {
            return false;
        } finally {
            $this->store->discard($folder);
        }

        return true;
    }

    /**
     * @param  list<string>  $texts
     *
     * @throws VoiceUnavailable
     * @throws Refusal
     * @throws NotAlignable
     */
    private function aligned(Pcm $sound, array $texts, Recording $recording): Alignment
    {
        $voice = $this->references->voiceOf(
            $this->voices->get($this->resolver->short($recording->short)->text('voice'))->language,
        );

        return $recording->timing !== null
            ? $this->timings->align($sound, $texts, $recording->timing, $voice)
            : $this->references->align($this->aligner, $sound, $texts, $voice);
    }

    /**
     * @param  float  $factor  by which all of it gets louder
     * @param  non-empty-list<AlignedWord>  $words
     * @return array{
     *     take: string,
     *     from_ms: int,
     *     until_ms: int,
     *     words: list<array{text: string, start_ms: int, end_ms: int, doubt: string, pinned: bool}>
     * }
     *
     * @throws StrangePlace
     */
    private function take(SoundFile $sound, float $factor, array $words, int $beforeMs, int $afterMs): array
    {
        $start = $words[0]->timing->startMs;
        $end = $words[count($words) - 1]->timing->endMs;
        $from = max(min($start, intdiv($beforeMs + $start, 2)), $start - self::LEAD_MS);
        $until = min(max($end, intdiv($end + $afterMs, 2)), $end + self::TAIL_MS);
        $cut = Leveler::apply($sound->between($from, $until), $factor);
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

        return [
            'take' => $this->takes->keep($cut, $timings)->key,
            'from_ms' => max(0, $from),
            'until_ms' => max(0, $until),
            'words' => $listed,
        ];
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
