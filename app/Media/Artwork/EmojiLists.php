<?php

declare(strict_types=1);

namespace App\Media\Artwork;

use RapidReel\Captions\Cueing\EmojiBook;

/** Lists of keywords and the emoji that go with them, by language (made of emojibase-data by resources/build). */
final class EmojiLists
{
    /** @var array<string, EmojiBook> */
    private array $read = [];

    public function __construct(private readonly string $folder)
    {
    }

    /** @param  string  $language  as a BCP 47 tag; of one without a list there are no emoji */
    public function of(string $language): EmojiBook
    {
        $code = strtolower(substr($language, 0, 2));

        return $this->read[$code] ??= $this->read($code);
    }

    private function read(string $code): EmojiBook
    {
        $file = "{$this->folder}/$code.json";
        if (preg_match('/^[a-z]{2}$/', $code) !== 1 || ! is_file($file)) {
            return EmojiBook::none();
        }
        /** @var array<string, string> $emoji */
        $emoji = json_decode((string) file_get_contents($file), true, 4, JSON_THROW_ON_ERROR);

        return new EmojiBook($emoji, $code);
    }
}
