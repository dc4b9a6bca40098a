<?php

declare(strict_types=1);

namespace App\Media;

use RapidReel\Base\FrameShape;
use RapidReel\Base\TargetProfile;
use RapidReel\Caption\Cueing\CueMaker;
use RapidReel\Caption\Cueing\EmojiBook;
use RapidReel\Caption\Drawing\AssWriter;
use RapidReel\Caption\Style\CaptionStyle;
use RapidReel\Face\BrokenFace;
use RapidReel\Script\CaptionMarks;
use RapidReel\Voice\WordTiming;

/** Has the renderer draw a few words in a face that was brought, before any video depends on it. */
final readonly class FaceTrial
{
    private const WORDS = ['Lamp', '0123', 'έρημος', 'маяк', 'مصباح'];

    private const SECONDS = 30.0;

    public function __construct(
        private MediaTools $tools,
        private MediaStore $store,
        private FaceBook $book,
    ) {
    }

    /** @throws BrokenFace when it cannot be drawn */
    public function draw(string $id): void
    {
        $words = [];
        foreach (self::WORDS as $i => $word) {
            $words[] = new WordTiming($word, $i * 100, $i * 100 + 100);
        }
        $maker = new CueMaker($this->book->set([$id]), FrameShape::Upright, '', self::WORDS, EmojiBook::none());
        $style = new CaptionStyle(face: $id, words: count($words), letters: 80, case: 'written');
        $script = AssWriter::write(
            $maker->cues(0, $words, [[0, 500]], 500, new CaptionMarks, $style),
            TargetProfile::FPS,
            0,
            0,
            15,
        );
        $folder = $this->store->workFolder();
        try {
            $this->store->write("$folder/captions.ass", $script->ass);
            $this->book->lay($script->faces, "$folder/faces");
            $drawing = $this->tools->attempt([
                '-loglevel', 'error', '-f', 'lavfi', '-i', 'color=black:size=270x480:rate=10:duration=0.5', '-vf',
                'ass=captions.ass:fontsdir=faces', '-f', 'null', '-',
            ], 'Trying the face', $folder, seconds: self::SECONDS);
        } finally {
            $this->store->discard($folder);
        }
        if (! $drawing->isSuccessful()) {
            throw new BrokenFace('The face cannot be drawn: its file is broken. Bring it from another source.');
        }
    }
}
