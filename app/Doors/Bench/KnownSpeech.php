<?php

declare(strict_types=1);

namespace App\Doors\Bench;

use App\Media\Audio\WavFile;
use Illuminate\Support\Facades\File;
use RapidReel\Voice\Speech\Pcm;
use RuntimeException;
use Symfony\Component\Process\Process;

/** Speech of a synthesiser that tells when each of its sounds ends (flite -psdur), to hold the aligner against. */
final readonly class KnownSpeech
{
    public const VOICES = ['slt', 'rms', 'kal16'];

    /** Invented; without numbers and abbreviations, so that every word has the sounds it has alone. */
    public const SENTENCES = [
        'For eleven years one lighthouse guided no ships at all.',
        'The harbour had silted up and the last steamer left in winter.',
        'Every night he climbed the stairs and trimmed the flame.', 'Nobody told the keeper of the light.',
        'Then a storm came out of the north with a fog behind it.',
        'A boat with nine men lost its way among the rocks of the reef.',
        'They saw the only light on forty miles of coast.',
        'The bell rang on the quay and the whole town came down with lanterns.',
        'The captain asked the keeper why he had never stopped.',
        'He said that a light is not for the ships that come.', 'What would you have done in his place?',
        'A letter thrown into the sea arrived forty years too late.',
        'She kept the lamp burning for nine days and nine nights.', 'The fishermen heard it before every storm.',
        'The dog met every boat that came into the harbour.', 'The map showed one island too many.',
        'Some birds flew into the glass and the keeper covered the lamp.',
        'The pilot was furious and rowed out to chase the whale away.', 'In the morning the ice had gone from the bay.',
        'Follow for another light tomorrow.',
    ];

    /**
     * @param  list<string>  $words
     * @param  list<float>  $starts  ms
     * @param  list<float>  $ends
     */
    private function __construct(
        public Pcm $sound,
        public array $words,
        public array $starts,
        public array $ends,
    ) {
    }

    public static function of(string $sentence, string $voice, string $folder): self
    {
        File::ensureDirectoryExists($folder);
        $file = "$folder/".hash('xxh64', "$voice/$sentence").'.wav';
        $ends = self::flite($voice, '-psdur', $sentence, $file);
        $segments = [];
        $before = 0.0;
        foreach (array_filter(explode(' ', $ends)) as $segment) {
            [$phone, $until] = explode(':', $segment);
            if ($phone !== 'pau') {
                $segments[] = [1000 * $before, 1000 * (float) $until];
            }
            $before = (float) $until;
        }
        $words = explode(' ', $sentence);
        $starts = $finishes = [];
        $at = 0;
        foreach ($words as $word) {
            $phones = count(
                array_filter(
                    explode(' ', self::flite($voice, '-ps', trim($word, '.?,'), 'none')),
                    static fn (string $phone): bool => $phone !== '' && $phone !== 'pau',
                ),
            );
            $starts[] = $segments[$at][0];
            $at += $phones;
            $finishes[] = $segments[$at - 1][1];
        }
        if ($at !== count($segments)) {
            throw new RuntimeException("The sounds of “{$sentence}” are not those of its words.");
        }

        return new self(WavFile::read($file), $words, $starts, $finishes);
    }

    /** With white noise so many dB under its speech. */
    public function noisy(float $decibels, int $seed): self
    {
        $samples = Pcm::values($this->sound->bytes);
        $deviation =
            sqrt(array_sum(array_map(static fn (int $value): float => $value * $value, $samples)) / count($samples)) *
            10 ** (-$decibels / 20);
        mt_srand($seed);
        $noisy = [];
        foreach ($samples as $value) {
            $normal = sqrt(-2 * log(mt_rand(1, 1_000_000) / 1_000_000)) * cos(2 * M_PI * mt_rand() / mt_getrandmax());
            $noisy[] = max(-32_768, min(32_767, (int) round($value + $deviation * $normal)));
        }

        return new self(new Pcm(Pcm::bytesOf($noisy), $this->sound->rate), $this->words, $this->starts, $this->ends);
    }

    /** Without some of its words in the sound; their times are those of the gap. */
    public function without(int ...$numbers): self
    {
        [$sound, $starts, $ends] = [$this->sound, $this->starts, $this->ends];
        rsort($numbers);
        foreach ($numbers as $number) {
            $gone = $ends[$number] - $starts[$number];
            $sound = new Pcm(
                $sound->between(0, (int) round($starts[$number]))->bytes.
                    $sound->between((int) round($ends[$number]), PHP_INT_MAX >> 20)->bytes,
                $sound->rate,
            );
            for ($i = $number + 1; $i < count($starts); $i++) {
                $starts[$i] -= $gone;
                $ends[$i] -= $gone;
            }
        }

        return new self($sound, $this->words, array_values($starts), array_values($ends));
    }

    private static function flite(string $voice, string $prints, string $text, string $file): string
    {
        return trim((new Process(['flite', '-voice', $voice, $prints, '-t', $text, $file]))->mustRun()->getOutput());
    }
}
