<?php

declare(strict_types=1);

namespace App\Desks\Translating;

use App\Shelves\Models\Channel;
use App\Shelves\Models\ChannelGlossary;
use RapidReel\Base\Language\LanguageFinder;
use RapidReel\Base\Language\WrittenAs;
use RapidReel\Base\Refusal;
use RapidReel\Text\Translation\Glossary;

/** The words that the translations of a channel are held to, a list a language. */
final readonly class GlossaryBook
{
    private const MOST_CHARACTERS = 20_000;

    /** @throws Refusal */
    public function of(Channel $channel, string $language): Glossary
    {
        return Glossary::of($this->written($channel, $language));
    }

    public function written(Channel $channel, string $language): string
    {
        return (string) ChannelGlossary::query()->where('channel_id', $channel->id)
            ->where('language', WrittenAs::primary($language))->value('words');
    }

    /**
     * @return string what was done, in words
     *
     * @throws Refusal that says which line is none
     */
    public function keep(Channel $channel, string $language, string $words): string
    {
        if (! WrittenAs::isTag($language)) {
            throw new Refusal('The language is named by its tag: de, pt-BR, ar.');
        }
        if (mb_strlen($words) > self::MOST_CHARACTERS) {
            throw new Refusal(sprintf('A glossary takes at most %s characters.', number_format(self::MOST_CHARACTERS)));
        }
        $glossary = Glossary::of($words);
        $language = WrittenAs::primary($language);
        $kept = ChannelGlossary::query()->where('channel_id', $channel->id)->where('language', $language)->first()
            ?? (new ChannelGlossary)->forceFill(['channel_id' => $channel->id, 'language' => $language]);
        $kept->fill(['words' => $words])->save();
        $count = count($glossary->terms);

        return sprintf(
            '%s in the glossary of %s.', $count === 1 ? 'One word' : "$count words", LanguageFinder::name($language),
        );
    }
}
