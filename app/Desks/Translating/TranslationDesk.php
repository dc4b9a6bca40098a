<?php

declare(strict_types=1);

namespace App\Desks\Translating;

use App\Makers\Planning\ShortLanguage;
use App\Shelves\Models\Short;
use RapidReel\Base\Language\LanguageFinder;
use RapidReel\Base\Language\SentenceSplitter;
use RapidReel\Base\Language\WrittenAs;
use RapidReel\Base\Refusal;
use RapidReel\Text\Translation\CheckedTranslation;
use RapidReel\Text\Translation\Returned;
use RapidReel\Text\Translation\Translation;
use RapidReel\Text\Translation\TranslationTable;
use RapidReel\Text\Translation\TranslationUnit;
use RapidReel\Text\Translation\Version\Comparison;
use RapidReel\Text\Translation\Xliff;

/** Sentences of a short for a translator, and what comes back of them as a script of its own. */
final readonly class TranslationDesk
{
    /** 1,000 characters a minute (common practice, no published source), and a tenth more, as pauses give way. */
    private const CHARACTERS_A_SECOND = 18.3;

    public const TITLE = 'title';

    public function __construct(
        private ShortLanguage $languages,
    ) {
    }

    /**
     * @param  string  $to  BCP 47
     * @param  Comparison|null  $compared  with the version that there is; null for the sentences as they are
     *
     * @throws Refusal
     */
    public function of(Short $short, string $to, ?Comparison $compared = null): Translation
    {
        $from = $this->ask($short, $to);
        $summary = $short->isPlanned() ? $short->cutSummary() : null;
        $splitter = new SentenceSplitter($from);
        $units = [new TranslationUnit(self::TITLE, $short->title, notes: ['The title: it is not spoken.'])];
        foreach (array_values($short->scenes->all()) as $number => $scene) {
            $ms = isset($summary->scenes[$number]) && count($summary->scenes) === $short->scenes->count()
                ? $summary->scenes[$number][1] - $summary->scenes[$number][0] : null;
            array_push($units, ...self::units(
                $compared === null ? Comparison::named($number + 1, $splitter->split($scene->text))
                    : ($compared->sentencesOf($scene->id)),
                $number === 0, $ms,
            ));
        }

        return new Translation("short:$short->id", $from, $to, $units);
    }

    /**
     * @param  string  $to  BCP 47
     * @return string what it is translated from: primary part of a BCP 47 tag
     *
     * @throws Refusal when that is no language, or the one that it is in
     */
    public function ask(Short $short, string $to): string
    {
        if (! WrittenAs::isTag($to)) {
            throw new Refusal('The language is named by its tag: de, pt-BR, ar.');
        }
        $from = $this->language($short);
        if (WrittenAs::primary($to) === $from) {
            throw new Refusal('It is in '.LanguageFinder::name($from).' already.');
        }

        return $from;
    }

    /**
     * The language that a short is in, by the voice that reads it.
     *
     * @return string primary part of a BCP 47 tag
     *
     * @throws Refusal
     */
    public function language(Short $short): string
    {
        return $this->languages->of($short);
    }

    /**
     * What came back, as XLIFF or as a table.
     *
     * @throws Refusal
     */
    public function read(string $file): Returned
    {
        return preg_match('/^(?:\xEF\xBB\xBF|\xFE\xFF|\xFF\xFE)?[\s\0]*</', $file) === 1
            ? Xliff::read($file) : TranslationTable::read($file);
    }

    /** As the intake takes it: a scene a paragraph, with its title before it. */
    public function script(Translation $sent, CheckedTranslation $checked): string
    {
        $scenes = [];
        foreach ($sent->units as $unit) {
            if ($unit->id !== self::TITLE && isset($checked->taken[$unit->id])) {
                $scenes[explode('.', $unit->id)[0]][] = $checked->taken[$unit->id];
            }
        }
        $title = $checked->taken[self::TITLE] ?? '';

        return ($title === '' ? '' : "# $title\n\n")
            .implode("\n\n", array_map(static fn (array $said): string => implode(' ', $said), $scenes))."\n";
    }

    /**
     * @param  array<string, string>  $sentences  by the ids of their units
     * @return list<TranslationUnit>
     */
    private static function units(array $sentences, bool $isFirst, ?int $ms): array
    {
        $whole = max(1, mb_strlen(implode('', $sentences)));
        $units = [];
        foreach ($sentences as $id => $said) {
            $seconds = $ms === null ? null : $ms * mb_strlen($said) / $whole / 1000;
            $units[] = new TranslationUnit(
                (string) $id, $said, $seconds,
                $seconds === null ? null : (int) ceil($seconds * self::CHARACTERS_A_SECOND),
                $isFirst && $units === [] ? ['These are the first words: they are to make people stay.'] : [],
            );
        }

        return $units;
    }
}
