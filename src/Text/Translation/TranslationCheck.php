<?php

declare(strict_types=1);

namespace RapidReel\Text\Translation;

use Normalizer;
use RapidReel\Base\Language\LanguageFinder;
use RapidReel\Base\Language\WrittenAs;
use RapidReel\Base\PlainText;
use RapidReel\Base\Refusal;

/** Holds a translation that came back against what was sent: what is right of it is taken, whatever the rest is. */
final class TranslationCheck
{
    /** So much of the letters are of the script of the language. */
    private const SCRIPT_SHARE = 0.5;

    /** Of fewer letters no script is told: a name, a number, a brand. */
    private const LEAST_LETTERS = 4;

    private const WORDY = 5;

    /** Of few words any language may make many. */
    private const LEAST_WORDY = 15;

    /** So many words tell a language, and are more than a name. */
    private const LEAST_WORDS = 8;

    private const LEAST_SAME = 3;

    /**
     * @throws Refusal when it is of another short, or in another language than was asked for
     */
    public static function of(
        Translation $sent,
        Returned $returned,
        Glossary $glossary = new Glossary,
    ): CheckedTranslation {
        self::ask($sent, $returned);
        $taken = $findings = [];
        foreach ($sent->units as $unit) {
            $came = $returned->units[$unit->id] ?? null;
            $composed = Normalizer::normalize($came->target ?? '', Normalizer::FORM_C);
            $target = is_string($composed) ? $composed : '';
            $found = $came === null || ! self::isWritten($target)
                ? [self::found($unit, TranslationFault::Missing, 'It did not come back.')]
                : [
                    ...self::faults($sent->to, $unit, $came, $target, $glossary),
                    ...array_map(
                        static fn (string $told): TranslationFinding => self::found(
                            $unit, TranslationFault::Number, $told,
                        ),
                        Numbers::told($unit->source, $target, $sent->from, $sent->to),
                    ),
                ];
            if (in_array($unit->id, $returned->repeated, true)) {
                $found[] = self::found($unit, TranslationFault::Repeated, 'It came twice: the first is taken.');
            }
            array_push($findings, ...$found);
            $isTaken = array_filter(
                $found, static fn (TranslationFinding $one): bool => ! $one->fault->isTaken(),
            ) === [];
            if ($isTaken) {
                $taken[$unit->id] = $target;
            }
        }
        $known = array_column($sent->units, 'id');
        foreach (array_diff(array_map(strval(...), array_keys($returned->units)), $known) as $id) {
            $findings[] = new TranslationFinding(
                $id, TranslationFault::Unknown, 'The short has no sentence of this number, or not any more.',
            );
        }

        return new CheckedTranslation($taken, $findings);
    }

    /** @throws Refusal */
    private static function ask(Translation $sent, Returned $returned): void
    {
        if ($returned->original !== null && $returned->original !== $sent->original) {
            throw new Refusal(sprintf(
                'That is a translation of another short: of “%s”, and this is “%s”.',
                mb_substr($returned->original, 0, 60), $sent->original,
            ));
        }
        $wanted = WrittenAs::primary($sent->to);
        if ($returned->to !== null && WrittenAs::primary($returned->to) !== $wanted) {
            throw new Refusal(sprintf(
                'That is %s, and %s was asked for.', LanguageFinder::name(WrittenAs::primary($returned->to)),
                LanguageFinder::name($wanted),
            ));
        }
        $here = array_filter($sent->units, static fn (TranslationUnit $unit): bool => isset(
            $returned->units[$unit->id],
        ));
        $same = array_filter($here, static fn (TranslationUnit $unit): bool => ($returned->units[$unit->id]->source
            ?? $unit->source) === PlainText::line($unit->source));
        if ($here === [] || ($same === [] && count($here) > 1)) {
            throw new Refusal('None of it is of this short: no sentence that came back was sent.');
        }
    }

    /** @return list<TranslationFinding> */
    private static function faults(
        string $to,
        TranslationUnit $unit,
        ReturnedUnit $came,
        string $target,
        Glossary $glossary,
    ): array {
        $language = WrittenAs::primary($to);
        $words = count(PlainText::words($target));
        $had = max(1, count(PlainText::words($unit->source)));
        $told = $words >= self::LEAST_WORDS ? LanguageFinder::of($target, $language) : null;
        $findings = [];
        if (! $came->keepsCodes) {
            $findings[] = self::found($unit, TranslationFault::Codes, 'Its inline codes are not those of its source.');
        }
        if (! self::isOfScript($language, $target)) {
            $findings[] = self::found($unit, TranslationFault::Script, sprintf(
                'It is not in the letters that %s is written in.', LanguageFinder::name($language),
            ));
        } elseif ($words >= self::LEAST_SAME && $target === PlainText::line($unit->source)) {
            $findings[] = self::found($unit, TranslationFault::Untranslated, 'It came back as it was sent.');
        } elseif ($told !== null && $told !== $language) {
            $findings[] = self::found($unit, TranslationFault::Language, sprintf(
                'It reads as %s.', LanguageFinder::name($told),
            ));
        }
        if ($words >= self::WORDY * $had && $words >= self::LEAST_WORDY) {
            $findings[] = self::found($unit, TranslationFault::Wordy, sprintf(
                'It has %d words, and its source %d.', $words, $had,
            ));
        } elseif ($unit->most !== null && mb_strlen($target) > $unit->most) {
            $findings[] = self::found($unit, TranslationFault::Long, sprintf(
                'It has %d characters, and %d can be said in its %.1f s.', mb_strlen($target), $unit->most,
                $unit->seconds ?? 0.0,
            ));
        }
        if ($came->source !== null && $came->source !== PlainText::line($unit->source)) {
            $findings[] = self::found($unit, TranslationFault::Older, sprintf(
                'Its source was changed since: it was “%s”.', mb_strimwidth($came->source, 0, 80, '…'),
            ));
        }
        foreach ($glossary->departures($unit->source, $target) as $term) {
            $findings[] = self::found($unit, TranslationFault::Term, $term->becomes === null
                ? "“{$term->term}” is to stay as it is." : "“{$term->term}” is to be “{$term->becomes}”.");
        }

        return $findings;
    }

    private static function found(TranslationUnit $unit, TranslationFault $fault, string $said): TranslationFinding
    {
        return new TranslationFinding($unit->id, $fault, $said);
    }

    private static function isOfScript(string $language, string $text): bool
    {
        $letters = (int) preg_match_all('/\p{L}/u', $text);
        if ($letters < self::LEAST_LETTERS) {
            return true;
        }
        $its = (int) preg_match_all('/'.WrittenAs::letter($language).'/u', $text);

        return $its >= self::SCRIPT_SHARE * $letters;
    }

    /** A number alone is something, marks alone are nothing. */
    private static function isWritten(string $text): bool
    {
        return preg_match('/[\p{L}\p{N}]/u', $text) === 1;
    }
}
