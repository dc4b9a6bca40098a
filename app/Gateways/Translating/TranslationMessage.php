<?php

declare(strict_types=1);

namespace App\Gateways\Translating;

use RapidReel\Base\Refusal;
use RapidReel\Text\Translation\Glossary;
use RapidReel\Text\Translation\GlossaryTerm;
use RapidReel\Text\Translation\Rendered;
use RapidReel\Text\Translation\Translation;
use RapidReel\Text\Translation\TranslationUnit;

/** What translators are asked, and what they answer: see docs/translation-service.openapi.json. */
final class TranslationMessage
{
    public const MOST_BYTES = 4 * 1024 * 1024;

    private const MOST_CHARACTERS = 4_000;

    /** @return array<string, mixed> */
    public static function asking(Translation $order, Glossary $glossary): array
    {
        return [
            'from' => $order->from,
            'to' => $order->to,
            'sentences' => array_map(static fn (TranslationUnit $unit): array => array_filter([
                'id' => $unit->id, 'text' => $unit->source, 'seconds' => $unit->seconds,
                'most_characters' => $unit->most, 'notes' => $unit->notes,
            ], static fn (mixed $value): bool => $value !== null && $value !== []), $order->units),
            'glossary' => array_map(static fn (GlossaryTerm $term): array => [
                'term' => $term->term, 'becomes' => $term->wanted(),
            ], $glossary->terms),
        ];
    }

    /**
     * @param  string  $who  answered, as a sentence begins
     *
     * @throws Refusal when nothing of it can be used
     */
    public static function answered(mixed $told, Translation $order, string $who): Rendered
    {
        $known = array_column($order->units, 'id');
        $targets = $notes = [];
        $sentences = is_array($told) && is_array($told['sentences'] ?? null) ? $told['sentences'] : [];
        foreach ($sentences as $one) {
            $id = is_array($one) ? ($one['id'] ?? null) : null;
            $text = is_array($one) ? ($one['text'] ?? null) : null;
            if (is_string($id) && is_string($text) && in_array($id, $known, true)) {
                $text = trim((string) preg_replace('/\s+/u', ' ', mb_scrub($text)));
                if ($text !== '' && mb_strlen($text) <= self::MOST_CHARACTERS) {
                    $targets[$id] = $text;
                }
                $note = $one['note'] ?? null;
                if (is_string($note) && trim($note) !== '') {
                    $notes[$id] = mb_strimwidth(trim(mb_scrub($note)), 0, 200, '…');
                }
            }
        }

        return $targets === []
            ? throw new Refusal("$who gave nothing that can be used: no sentence that was asked for.")
            : new Rendered($targets, $notes);
    }
}
