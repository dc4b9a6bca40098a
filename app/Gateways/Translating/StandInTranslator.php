<?php

declare(strict_types=1);

namespace App\Gateways\Translating;

use RapidReel\Base\Language\LanguageFinder;
use RapidReel\Base\Language\WrittenAs;
use RapidReel\Base\Refusal;
use RapidReel\Text\Translation\Glossary;
use RapidReel\Text\Translation\PhraseBook;
use RapidReel\Text\Translation\Rendered;
use RapidReel\Text\Translation\Translation;

/** Stands in for a translation service: a phrase book, without a network. */
final readonly class StandInTranslator implements Translating
{
    private const MOST_NAMED = 6;

    /** @param  string  $folder  with a phrase book a language */
    public function __construct(private string $folder)
    {
    }

    public function about(): string
    {
        return 'The translator here is a stand-in: a phrase book that knows some sentences of lighthouses and some '
            .'words, and says which it did not know. A translation service can take its place, or somebody who is '
            .'sent the sentences as XLIFF.';
    }

    public function knows(string $language): bool
    {
        return in_array(WrittenAs::primary($language), $this->languages(), true);
    }

    public function translate(Translation $order, Glossary $glossary): Rendered
    {
        $language = WrittenAs::primary($order->to);
        $book = $this->book($language);
        $targets = $told = [];
        foreach ($order->units as $unit) {
            [$said, $unknown] = $book->say($unit->source, $glossary);
            $targets[$unit->id] = $said;
            if ($unknown !== []) {
                $told[$unit->id] = sprintf(
                    'Word by word, from the phrase book; it does not know “%s”%s.',
                    implode('”, “', array_slice($unknown, 0, self::MOST_NAMED)),
                    count($unknown) > self::MOST_NAMED
                        ? sprintf(' and %d more', count($unknown) - self::MOST_NAMED) : '',
                );
            }
        }

        return new Rendered($targets, $told);
    }

    /** @return list<string> primary parts of the languages that it has a book of */
    public function languages(): array
    {
        return array_map(
            static fn (string $file): string => basename($file, '.txt'), glob("{$this->folder}/*.txt") ?: [],
        );
    }

    /** @throws Refusal */
    private function book(string $language): PhraseBook
    {
        if (! $this->knows($language)) {
            throw new Refusal(sprintf(
                'The phrase book here has no %s. It has %s. Have the sentences translated by somebody: download them '
                    .'as XLIFF, and upload what comes back.',
                LanguageFinder::name($language),
                implode(', ', array_map(LanguageFinder::name(...), $this->languages())),
            ));
        }

        return PhraseBook::of($language, (string) file_get_contents("{$this->folder}/$language.txt"));
    }
}
