<?php

declare(strict_types=1);

namespace App\Desks\Translating;

use App\Gateways\Voices\VoiceBook;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Scene;
use App\Shelves\Models\Short;
use RapidReel\Base\Language\LanguageFinder;
use RapidReel\Base\Language\SentenceSplitter;
use RapidReel\Base\Refusal;
use RapidReel\Text\Translation\CheckedTranslation;
use RapidReel\Text\Translation\Returned;
use RapidReel\Text\Translation\Translation;
use RapidReel\Text\Translation\TranslationTable;
use RapidReel\Text\Translation\TranslationUnit;
use RapidReel\Text\Translation\Xliff;

/** Sentences of a short for a translator, and what comes back of them as a script of its own. */
final readonly class TranslationDesk
{
    private const TAG = '/^[A-Za-z]{2,3}(?:-[A-Za-z0-9]{2,8})*$/D';

    /** 1,000 characters a minute (common practice, no published source), and a tenth more, as pauses give way. */
    private const CHARACTERS_A_SECOND = 18.3;

    private const TITLE = 'title';

    public function __construct(
        private Resolver $resolver,
        private VoiceBook $voices,
    ) {
    }

    /**
     * @param  string  $to  BCP 47
     *
     * @throws Refusal
     */
    public function of(Short $short, string $to): Translation
    {
        if (preg_match(self::TAG, $to) !== 1) {
            throw new Refusal('The language is named by its tag: de, pt-BR, ar.');
        }
        $from = $this->voices->get($this->resolver->short($short)->text('voice'))->primaryLanguage();
        if (strtolower(explode('-', $to)[0]) === $from) {
            throw new Refusal('It is in '.LanguageFinder::name($from).' already.');
        }
        $summary = $short->isPlanned() ? $short->cutSummary() : null;
        $splitter = new SentenceSplitter($from);
        $units = [new TranslationUnit(self::TITLE, $short->title, notes: ['The title: it is not spoken.'])];
        foreach (array_values($short->scenes->all()) as $number => $scene) {
            $ms = isset($summary->scenes[$number]) && count($summary->scenes) === $short->scenes->count()
                ? $summary->scenes[$number][1] - $summary->scenes[$number][0] : null;
            array_push($units, ...self::units($scene, $number + 1, $ms, $splitter));
        }

        return new Translation("short:$short->id", $from, $to, $units);
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

    /** @return list<TranslationUnit> */
    private static function units(Scene $scene, int $number, ?int $ms, SentenceSplitter $splitter): array
    {
        $sentences = $splitter->split($scene->text);
        $whole = max(1, mb_strlen(implode('', $sentences)));
        $notes = $number === 1 ? ['These are the first words: they are to make people stay.'] : [];

        $unit = static function (string $said, int $place) use ($number, $ms, $whole, $notes): TranslationUnit {
            $seconds = $ms === null ? null : $ms * mb_strlen($said) / $whole / 1000;

            return new TranslationUnit(
                "s$number.".($place + 1), $said, $seconds,
                $seconds === null ? null : (int) ceil($seconds * self::CHARACTERS_A_SECOND),
                $place === 0 ? $notes : [],
            );
        };

        return array_map($unit, $sentences, array_keys($sentences));
    }
}
