<?php

declare(strict_types=1);

namespace App\Doors\Bench;

use App\Gateways\Voices\VoiceBook;
use App\Gateways\Voices\VoiceRates;
use App\Makers\Voicing\ReferenceMaker;
use App\Makers\Voicing\TakeStore;
use App\Media\Audio\SoundReader;
use RapidReel\Base\Language\LanguageFinder;
use RapidReel\Voice\Align\Aligner;
use RapidReel\Voice\Align\Cepstra;
use Symfony\Component\Process\Process;

/** How well and how fast words are found in recordings, and how fast scenes are voiced. */
final readonly class VoiceBench
{
    private const NOISE_DB = 20.0;

    private const SCENES = 100;

    public function __construct(
        private Aligner $aligner,
        private ReferenceMaker $readings,
        private VoiceBook $voices,
        private TakeStore $takes,
        private SoundReader $sounds,
        private HumanSpeech $people,
        private VoiceRates $rates,
    ) {
    }

    /** @return list<BenchRow> */
    public function run(string $folder): array
    {
        return [
            ...$this->accuracy($folder), ...$this->people(), $this->lengths(), ...$this->speed($folder),
            $this->voicing(),
        ];
    }

    /**
     * Errors of the word starts in ms, smallest first: of sentences as they are, with noise, and with one word in ten
     * left out.
     *
     * @param  list<string>  $sentences
     * @return array{clean: list<float>, noisy: list<float>, without: list<float>}
     */
    public function errors(string $folder, array $sentences): array
    {
        $errors = ['clean' => [], 'noisy' => [], 'without' => []];
        $passed = 0;
        foreach (KnownSpeech::VOICES as $voice) {
            foreach ($sentences as $i => $sentence) {
                $known = KnownSpeech::of($sentence, $voice, $folder);
                $left = array_values(array_filter(array_keys($known->words), static function () use (&$passed): bool {
                    return ++$passed % 10 === 0;
                }));
                array_push($errors['clean'], ...$this->misses($known, [], $voice));
                array_push($errors['noisy'], ...$this->misses($known->noisy(self::NOISE_DB, $i), [], $voice));
                array_push($errors['without'], ...$this->misses($known->without(...$left), $left, $voice));
            }
        }
        foreach ($errors as &$list) {
            sort($list);
        }

        return $errors;
    }

    /**
     * @param  non-empty-list<float>|array{}  $sorted
     */
    public static function quantile(array $sorted, float $share): float
    {
        return $sorted[(int) ($share * (count($sorted) - 1))] ?? INF;
    }

    /**
     * @param  list<int>  $left  words that are not there
     * @return list<float>
     */
    private function misses(KnownSpeech $known, array $left, string $voice): array
    {
        $misses = [];
        foreach (
            $this->readings
                ->align(
                    $this->aligner,
                    $known->sound,
                    [implode(' ', $known->words)],
                    $this->voices->get(VoiceBook::DEFAULT),
                    // Nobody is held against himself.
                    [$voice],
                )
                ->timings() as $i => $timing
        ) {
            if (! in_array($i, $left, true)) {
                $misses[] = abs($timing->startMs - $known->starts[$i]);
            }
        }

        return $misses;
    }

    /** @return list<BenchRow> */
    private function accuracy(string $folder): array
    {
        ['clean' => $clean, 'noisy' => $noisy, 'without' => $without] = $this->errors($folder, KnownSpeech::SENTENCES);

        return [
            BenchRow::atMost(
                sprintf('word starts of %d words, median error', count($clean)),
                self::quantile($clean, 0.5),
                16,
                '%.0f ms',
            ),
            BenchRow::atMost('word starts, 95 % within', self::quantile($clean, 0.95), 80, '%.0f ms'),
            BenchRow::atMost('the same with noise at 20 dB, 95 % within', self::quantile($noisy, 0.95), 150, '%.0f ms'),
            BenchRow::atMost(
                'the same with one word in ten left out, 90 % within',
                self::quantile($without, 0.9),
                150,
                '%.0f ms',
            ),
        ];
    }

    /** @return list<BenchRow> */
    private function people(): array
    {
        $errors = $this->people->errors(base_path('tests/Standards/speech/novel.json'));

        return [
            BenchRow::atMost(
                sprintf('word starts of %d words that somebody reads, median error', count($errors)),
                self::quantile($errors, 0.5),
                20,
                '%.0f ms',
            ),
            BenchRow::atMost('the same, 95 % within', self::quantile($errors, 0.95), 80, '%.0f ms'),
            BenchRow::atMost('the same, all within', self::quantile($errors, 1.0), 150, '%.0f ms'),
        ];
    }

    /** Scripts in other languages, each read by a voice that is found for it. */
    private function lengths(): BenchRow
    {
        $furthest = 0.0;
        $scripts = 0;
        foreach (glob(base_path('tests/Standards/texts/*.txt')) ?: [] as $file) {
            $text = trim((string) file_get_contents($file));
            $voice = $this->voices->reading(
                (string) LanguageFinder::of($text), $this->voices->get(VoiceBook::DEFAULT),
            );
            if ($voice === null) {
                return BenchRow::atMost('scripts in other languages without a voice', 1, 0, '%.0f');
            }
            $this->rates->hear($voice);
            foreach (explode("\n\n", $text) as $script) {
                $scripts++;
                $foreseen = $this->rates->of($voice)->take($script)->durationMs;
                $furthest = max($furthest, abs($foreseen / $this->takes->take($script, $voice)->durationMs - 1));
            }
        }

        return BenchRow::atMost(
            "$scripts scripts in other languages, length furthest off what was foreseen",
            100 * $furthest,
            20,
            '%.0f %%',
        );
    }

    /** @return list<BenchRow> */
    private function speed(string $folder): array
    {
        $walls = [];
        foreach ([60, 600] as $seconds) {
            $sentences = [];
            // About three seconds each.
            for ($i = 0; $i < $seconds / 3; $i++) {
                $sentences[] = KnownSpeech::SENTENCES[$i % count(KnownSpeech::SENTENCES)];
            }
            $file = "$folder/long-$seconds.wav";
            if (! is_file($file)) {
                file_put_contents("$folder/long.txt", implode(' ', $sentences));
                (new Process(['flite', '-voice', 'slt', '-f', "$folder/long.txt", $file], timeout: 300))->mustRun();
            }
            $recording = $this->sounds->read($file, 'long.wav', Cepstra::RATE);
            $usage = Usage::of(function () use ($recording, $sentences): void {
                $this->readings->align(
                    $this->aligner,
                    $recording,
                    $sentences,
                    $this->voices->get(VoiceBook::DEFAULT),
                    ['slt'],
                );
            });
            $walls[$seconds] = $usage->wall * $seconds * 1000 / $recording->durationMs();
        }

        return [
            BenchRow::within('60 s of speech aligned with five readers', $walls[60], 6, Unit::Loop),
            BenchRow::within('10 min of speech aligned', $walls[600], 75, Unit::Loop),
            BenchRow::atMost(
                '10 min / 60 s, which is 10 where the cost grows with length',
                $walls[600] / $walls[60],
                15,
                '%.1f ×',
            ),
            BenchRow::atMost('memory at its most', memory_get_peak_usage() / 1024 / 1024, 512, '%.0f MiB'),
        ];
    }

    private function voicing(): BenchRow
    {
        $voice = $this->voices->get(VoiceBook::DEFAULT);
        $usage = Usage::of(function () use ($voice): void {
            for ($i = 0; $i < self::SCENES; $i++) {
                $this->takes->take(
                    sprintf(
                        'Scene %d, %s. %s',
                        $i,
                        hash('xxh32', (string) microtime(true)),
                        KnownSpeech::SENTENCES[$i % count(KnownSpeech::SENTENCES)],
                    ),
                    $voice,
                );
            }
        });

        return BenchRow::within(sprintf('%d scenes voiced', self::SCENES), $usage->wall, 10, Unit::Loop);
    }
}
