<?php

declare(strict_types=1);

namespace App\Media\Artwork;

use App\Media\Decoding\Decoder;
use App\Media\Decoding\Task;
use App\Media\Process\Limits;
use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;
use App\Media\Process\TooMuch;
use App\Media\Process\TooSlow;
use App\Media\Store\MediaStore;
use RapidReel\Base\Refusal;
use RapidReel\Base\Target\Frame;
use RapidReel\Base\Typeface\BrokenTypeface;
use RapidReel\Captions\Cueing\CueMaker;
use RapidReel\Captions\Cueing\EmojiBook;
use RapidReel\Captions\Drawing\AssWriter;
use RapidReel\Captions\Marks\CaptionMarks;
use RapidReel\Captions\Style\CaptionStyle;
use RapidReel\Voice\Speech\WordTiming;

/**
 * Has a face that was brought looked into, and the renderer draw letters of its own in it, before any video depends on
 * it.
 */
final readonly class TypefaceTrial
{
    private const NAME = 'The font file';

    private const WIDTH = 270;

    private const HEIGHT = 480;

    /** Frames a second, and how many each letter is seen for. */
    private const FPS = 10;

    private const EACH = 5;

    /** So bright is what was drawn, 0…255. */
    private const INK = 96;

    /** A letter leaves at least so many points of ink; a full stop has more. */
    private const LEAST_POINTS = 4;

    /** A face may have some letters that are blank, as a joke or for want of time. */
    private const LEAST_SHARE = 0.9;

    /** No face but the one that is tried, so that nothing stands in for its letters. */
    private const NO_OTHERS = '<?xml version="1.0"?><fontconfig></fontconfig>';

    public function __construct(
        private MediaTools $tools,
        private MediaStore $store,
        private TypefaceBook $book,
        private Decoder $decoder,
    ) {
    }

    /**
     * @return array{string, string} the id that it has from now on, and what it is called
     *
     * @throws Refusal when no captions can be set in it
     * @throws ToolFailed
     */
    public function keep(string $file): array
    {
        $found = $this->decoder->ask(Task::Face, self::NAME, $file) ?? throw self::broken();
        /** @var array{title: string, letters: non-empty-list<string>} $found */
        $bytes = (string) file_get_contents($file);
        $isNew = ! $this->book->has(TypefaceBook::idOf($bytes));
        $id = $this->book->keep($bytes);
        try {
            $this->draw($id, $found['letters']);
        } catch (Refusal $problem) {
            $isNew && $this->store->discard($this->book->file($id));
            throw $problem;
        }

        return [$id, $found['title']];
    }

    /**
     * @param  non-empty-list<string>  $letters  that it says it has
     *
     * @throws BrokenTypeface when they cannot be seen
     * @throws TooMuch
     * @throws TooSlow
     * @throws ToolFailed
     * @throws Refusal
     */
    private function draw(string $id, array $letters): void
    {
        $ms = intdiv(1000 * self::EACH, self::FPS);
        $words = [];
        foreach ($letters as $i => $letter) {
            $words[] = new WordTiming($letter, $i * $ms, ($i + 1) * $ms);
        }
        $whole = count($letters) * $ms;
        $maker = new CueMaker($this->book->set([$id]), new Frame, '', $letters, EmojiBook::none());
        $style = CaptionStyle::of(face: $id, size: 160, words: 1, case: 'written', outline: 0, shadow: 0);
        $script = AssWriter::write(
            $maker->cues(0, $words, [[0, $whole]], $whole, new CaptionMarks, $style),
            30, 0, 0, intdiv($whole * 30, 1000),
        );
        $folder = $this->store->workFolder();
        try {
            $this->store->write("$folder/captions.ass", $script->ass);
            $this->store->write("$folder/fonts.conf", self::NO_OTHERS);
            $this->book->lay($script->faces, "$folder/faces");
            $drawing = $this->tools->open([
                '-loglevel', 'error', '-f', 'lavfi', '-i',
                sprintf('color=black:size=%dx%d:rate=%d:duration=%.2f', self::WIDTH, self::HEIGHT, self::FPS,
                    $whole / 1000),
                '-vf', 'format=gray,ass=captions.ass:fontsdir=faces', '-pix_fmt', 'gray', '-f', 'rawvideo', '-',
            ], self::NAME, Limits::ofAPicture(), $folder, environment: ['FONTCONFIG_FILE' => "$folder/fonts.conf"]);
        } finally {
            $this->store->discard($folder);
        }
        $pictures = str_split($drawing->getOutput(), self::WIDTH * self::HEIGHT);
        $seen = [];
        foreach (array_keys($letters) as $i) {
            // In the middle of its time.
            $ink = self::ink($pictures[$i * self::EACH + intdiv(self::EACH, 2)] ?? '');
            $ink === null || $seen[] = $ink;
        }
        // Where all look alike, it is the box that stands for what a face has not.
        $isAlike = count($letters) > 3 && count(array_unique($seen)) === 1;
        if (! $drawing->isSuccessful() || count($seen) < self::LEAST_SHARE * count($letters) || $isAlike) {
            throw self::broken();
        }
    }

    /** @return string|null a hash of what was drawn; null where nothing was */
    private static function ink(string $picture): ?string
    {
        $points = 0;
        foreach (count_chars($picture, 1) as $level => $count) {
            $points += $level >= self::INK ? $count : 0;
        }

        return $points >= self::LEAST_POINTS ? hash('xxh64', $picture) : null;
    }

    private static function broken(): BrokenTypeface
    {
        return new BrokenTypeface('The typeface cannot be drawn: its file is broken. Upload it from another source.');
    }
}
