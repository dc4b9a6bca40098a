<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Makers\Voicing\ReferenceMaker;
use App\Media\Artwork\TypefaceBook;
use App\Media\Audio\SoundReader;
use Illuminate\Console\Command;
use RapidReel\Base\Refusal;
use RapidReel\Base\Subtitle\SubRip;
use RapidReel\Base\Subtitle\TimedCue;
use RapidReel\Base\Subtitle\WebVtt;
use RapidReel\Base\Target\Frame;
use RapidReel\Captions\Cue\Cue;
use RapidReel\Captions\Cueing\CueMaker;
use RapidReel\Captions\Cueing\EmojiBook;
use RapidReel\Captions\Marks\CaptionMarks;
use RapidReel\Captions\Style\CaptionStyle;
use RapidReel\Text\Arrival\TextEncoding;
use RapidReel\Text\Cleanup\ScriptReader;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneSplitter;
use RapidReel\Voice\Align\AlignedWord;
use RapidReel\Voice\Align\Aligner;
use RapidReel\Voice\Align\Alignment;
use RapidReel\Voice\Align\Cepstra;
use RapidReel\Voice\Align\NotAlignable;
use RapidReel\Voice\Align\WordDoubt;
use RapidReel\Voice\Speech\WordTiming;
use Symfony\Component\Console\Output\OutputInterface;

final class AlignCommand extends Command
{
    use Answers;

    /** What fits into the longest recording that is read. */
    private const MOST_WORDS = 8_000;

    private const FORMATS = ['json', 'srt', 'vtt'];

    protected $signature = 'reel:align {audio : a recording} {script : a text file with the words that are read in it}
        {--language=en : of the text}
        {--format=json : json, srt or vtt}';

    protected $description = 'Tells when every word of a known text is spoken in a recording';

    public function handle(SoundReader $sounds, ReferenceMaker $readings, Aligner $aligner, TypefaceBook $faces): int
    {
        return $this->guarded(function () use ($sounds, $readings, $aligner, $faces): int {
            $format = self::written($this->option('format'));
            if (! in_array($format, self::FORMATS, true)) {
                throw new Refusal('The format is json, srt or vtt.');
            }
            $voice = $readings->voiceOf(self::written($this->option('language')));
            $texts = $this->texts(self::written($this->argument('script')));
            $audio = self::written($this->argument('audio'));
            if (! is_file($audio)) {
                throw new Refusal("There is no file $audio.");
            }
            $recording = $sounds->read($audio, basename($audio), Cepstra::RATE);
            try {
                $aligned = $readings->align($aligner, $recording, $texts, $voice);
            } catch (NotAlignable $problem) {
                throw new Refusal($problem->getMessage());
            }
            $this->remark($aligned);
            if ($format === 'json') {
                $this->printJson([
                    'duration_ms' => $aligned->durationMs,
                    'words' => array_map(static fn (WordTiming $word): array => $word->toArray(), $aligned->timings()),
                ]);
            } else {
                $words = $aligned->timings();
                $maker = new CueMaker(
                    $faces->set(),
                    new Frame,
                    $voice->language,
                    array_map(static fn (WordTiming $word): string => $word->text, $words),
                    EmojiBook::none(),
                );
                $cues = array_map(static fn (Cue $cue): TimedCue => $cue->timed(), $maker->cues(
                    0,
                    $words,
                    [[0, $aligned->durationMs]],
                    $aligned->durationMs,
                    new CaptionMarks,
                    new CaptionStyle,
                ));
                $this->output->write(
                    $format === 'srt' ? SubRip::write($cues) : WebVtt::write($cues),
                    false,
                    OutputInterface::OUTPUT_RAW,
                );
            }

            return self::SUCCESS;
        });
    }

    /** @return list<string> */
    private function texts(string $file): array
    {
        if (! is_file($file)) {
            throw new Refusal("There is no file $file.");
        }
        $text =
            TextEncoding::toUtf8((string) file_get_contents($file)) ??
            throw new Refusal(basename($file).' is not a text file.');

        return array_map(
            static fn (Scene $scene): string => $scene->text,
            (new SceneSplitter())->split((new ScriptReader())->read($text, '', self::MOST_WORDS)),
        );
    }

    private function remark(Alignment $aligned): void
    {
        if (! $aligned->isOfThisText) {
            $this->tell('This recording does not sound like this text; the times are a guess.');
        }
        foreach (WordDoubt::cases() as $doubt) {
            $words = array_map(
                static fn (AlignedWord $word): string => sprintf(
                    '“%s” at %.2f s',
                    $word->timing->text,
                    $word->timing->startMs / 1000,
                ),
                array_filter($aligned->words, static fn (AlignedWord $word): bool => $word->doubt === $doubt),
            );
            if ($doubt !== WordDoubt::None && $words !== []) {
                $this->tell(ucfirst($doubt->label()).': '.implode(', ', $words).'.');
            }
        }
    }
}
