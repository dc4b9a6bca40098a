<?php

declare(strict_types=1);

namespace App\Media\Artwork;

use App\Media\Decoding\Decoder;
use App\Media\Decoding\LogoPicture;
use App\Media\Decoding\PlainPng;
use App\Media\Decoding\Task;
use App\Media\Process\TooMuch;
use App\Media\Process\TooSlow;
use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;
use RapidReel\Base\Refusal;

/** Makes of a PNG or an SVG the picture that is laid over videos: as large as that needs, as transparent as it is. */
final readonly class LogoReader
{
    private const MOST_BYTES = 10 * 1024 * 1024;

    /** What in an SVG could reach out of it, or run. Quotes around what url() names are as good as none. */
    private const UNSAFE = [
        '/<!(?:DOCTYPE|ENTITY)/i' => 'declares entities',
        '/<script|\son[a-z]+\s*=|javascript:/i' => 'holds scripts',
        '/<foreignObject|<iframe|<embed|<object/i' => 'holds other documents',
        '/(?:href|src)\s*+=\s*+["\']\s*+(?!#|data:image\/png)/i' => 'refers to other files',
        '/url\(\s*+["\']?+\s*+(?!#)|@import/i' => 'refers to other files',
    ];

    public function __construct(
        private MediaStore $store,
        private KeptFiles $kept,
        private Decoder $decoder,
    ) {
    }

    /**
     * @param  string  $name  what the operator calls the file
     * @return array{picture: string, width: int, height: int, colours: list<string>}
     *
     * @throws Refusal when it is no logo
     */
    public function read(string $file, string $name): array
    {
        if ((int) @filesize($file) > self::MOST_BYTES) {
            throw new Refusal("“{$name}” is larger than 10 MB.");
        }
        $folder = $this->store->workFolder();
        try {
            $bytes = (string) file_get_contents($file);
            if (! str_starts_with($bytes, PlainPng::SIGNATURE)) {
                $bytes = $this->drawn($bytes, $name);
            }
            $this->store->write("$folder/brought", $bytes);
            try {
                $found = $this->decoder->ask(Task::Logo, $name, "$folder/brought", "$folder/logo.png");
            } catch (TooMuch|TooSlow $problem) {
                throw $problem;
            } catch (Refusal $problem) {
                throw new Refusal("“{$name}” cannot be used as a logo. {$problem->getMessage()}");
            }
            if ($found === null || ! is_file("$folder/logo.png")) {
                throw new Refusal("“{$name}” is damaged: it cannot be read to its end.");
            }
            $picture = (string) hash_file('xxh128', "$folder/logo.png");
            $this->kept->put("$folder/logo.png", $this->store->source($picture));
        } finally {
            $this->store->discard($folder);
        }
        /** @var array{width: int, height: int, colours: list<string>} $found */

        return ['picture' => $picture, ...$found];
    }

    /**
     * @throws TooMuch
     * @throws TooSlow
     * @throws Refusal
     */
    private function drawn(string $bytes, string $name): string
    {
        if (preg_match('/<svg[\s>]/i', substr($bytes, 0, 4_000)) !== 1) {
            throw new Refusal(
                "“{$name}” is neither a PNG nor an SVG. A logo is one of these, so that it can be transparent.",
            );
        }
        // Written as entities, it means the same.
        $plain = html_entity_decode($bytes, ENT_QUOTES | ENT_XML1);
        foreach (self::UNSAFE as $pattern => $what) {
            if (preg_match($pattern, $plain) === 1) {
                throw new Refusal("“{$name}” {$what}. Save it as a plain SVG, or as PNG.");
            }
        }

        return $this->decoder->draw($bytes, $name, LogoPicture::LONGEST)
            ?? throw new Refusal("“{$name}” cannot be drawn: it is not a complete SVG.");
    }
}
