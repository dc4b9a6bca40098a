<?php

declare(strict_types=1);

namespace App\Desks\Translating;

use App\Gateways\Translating\Translating;
use RapidReel\Base\Refusal;
use RapidReel\Text\Translation\CheckedTranslation;
use RapidReel\Text\Translation\Glossary;
use RapidReel\Text\Translation\Returned;
use RapidReel\Text\Translation\ReturnedUnit;
use RapidReel\Text\Translation\Translation;
use RapidReel\Text\Translation\TranslationCheck;
use RapidReel\Text\Translation\TranslationUnit;
use RapidReel\Text\Translation\Version\Pair;
use RapidReel\Text\Translation\Version\VersionWay;

/** Sentences translated by whoever does that here, and held to what was asked for: what of it is taken. */
final readonly class Translator
{
    private const MOST_TOLD = 400;

    public function __construct(private Translating $translating)
    {
    }

    public function about(): string
    {
        return $this->translating->about();
    }

    public function knows(string $language): bool
    {
        return $this->translating->knows($language);
    }

    /**
     * @return array<string, Pair> of all that were sent, by ids: what was not taken stands as it is
     *
     * @throws Refusal when none of it can be done
     */
    public function pairs(Translation $sent, Glossary $glossary, VersionWay $way): array
    {
        if ($sent->units === []) {
            return [];
        }
        if (! $this->translating->knows($sent->to)) {
            // Somebody else is to translate it: it is there for them, sentence by sentence.
            return array_combine(array_column($sent->units, 'id'), array_map(
                static fn (TranslationUnit $unit): Pair => new Pair($unit->source, $unit->source, '', true),
                $sent->units,
            ));
        }
        $rendered = $this->translating->translate($sent, $glossary);
        $units = [];
        foreach ($sent->units as $unit) {
            if (isset($rendered->targets[$unit->id])) {
                $units[$unit->id] = new ReturnedUnit($unit->source, $rendered->targets[$unit->id]);
            }
        }
        $checked = TranslationCheck::of(self::timed($sent, $way), new Returned(null, null, $units), $glossary);
        $pairs = self::taken($sent, $checked, $rendered->told);
        foreach ($sent->units as $unit) {
            $pairs[$unit->id] ??= new Pair(
                $unit->source, $unit->source, self::found($checked, $unit->id, $rendered->told), true,
            );
        }

        return $pairs;
    }

    /**
     * @param  array<string, string>  $told  what is to be known of some beside, by ids
     * @return array<string, Pair> of those that were taken, by ids
     */
    public static function taken(Translation $sent, CheckedTranslation $checked, array $told = []): array
    {
        $sources = array_combine(
            array_column($sent->units, 'id'),
            array_map(static fn (TranslationUnit $unit): string => $unit->source, $sent->units),
        );
        $pairs = [];
        foreach ($checked->taken as $id => $target) {
            $pairs[$id] = new Pair($sources[$id], $target, self::found($checked, $id, $told));
        }

        return $pairs;
    }

    /** Where pictures follow the voice, a sentence takes as long as it takes. */
    public static function timed(Translation $sent, VersionWay $way): Translation
    {
        return $way === VersionWay::Voice ? $sent->unhurried() : $sent;
    }

    /** @param  array<string, string>  $told */
    private static function found(CheckedTranslation $checked, string $id, array $told): string
    {
        $found = isset($told[$id]) ? [$told[$id]] : [];
        foreach ($checked->findings as $finding) {
            if ($finding->unit === $id) {
                $found[] = $finding->said;
            }
        }

        return mb_strimwidth(implode(' ', $found), 0, self::MOST_TOLD, '…');
    }
}
