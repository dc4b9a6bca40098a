<?php

declare(strict_types=1);

namespace RapidReel\Text\Translation;

use DOMDocument;
use DOMElement;
use DOMNode;
use DOMXPath;
use RapidReel\Base\PlainText;
use RapidReel\Base\Refusal;

/**
 * XLIFF 2.1 (OASIS Standard, 13 February 2018): sentences as units of one segment each, with the time that each has as
 * a note and the characters it may have by the Size and Length Restriction module (general profile xliff:codepoints).
 * Files of 2.0 are read as well: the namespace is the same.
 */
final class Xliff
{
    private const NS = 'urn:oasis:names:tc:xliff:document:2.0';

    private const SIZES = 'urn:oasis:names:tc:xliff:sizerestriction:2.0';

    private const XMLNS = 'http://www.w3.org/2000/xmlns/';

    private const MOST_BYTES = 8_000_000;

    /** Elements around text that is read as if they were not there; their ids are inline codes. */
    private const AROUND = ['pc', 'mrk'];

    /** Inline codes without text. */
    private const POINTS = ['ph', 'sc', 'ec', 'sm', 'em'];

    /** Those of a translator’s own tool, which nobody has to keep. */
    private const NOT_KEPT = ['mrk', 'sm', 'em'];

    public static function write(Translation $translation): string
    {
        $document = new DOMDocument('1.0', 'UTF-8');
        $document->formatOutput = true;
        $root = self::add($document, 'xliff');
        $root->setAttributeNS(self::XMLNS, 'xmlns:slr', self::SIZES);
        $root->setAttribute('version', '2.1');
        $root->setAttribute('srcLang', $translation->from);
        $root->setAttribute('trgLang', $translation->to);
        $file = self::add($root, 'file');
        $file->setAttribute('id', 'f1');
        $file->setAttribute('original', $translation->original);
        $profiles = $file->appendChild($document->createElementNS(self::SIZES, 'slr:profiles'));
        $profiles instanceof DOMElement && $profiles->setAttribute('generalProfile', 'xliff:codepoints');
        foreach ($translation->units as $unit) {
            self::unit($file, $unit, $translation->targets[$unit->id] ?? null);
        }

        return (string) $document->saveXML();
    }

    /**
     * @throws Refusal when it is no XLIFF 2, or only a part of one
     */
    public static function read(string $xml): Returned
    {
        $document = self::document($xml);
        $root = $document->documentElement;
        if ($root === null || $root->localName !== 'xliff') {
            throw new Refusal('That is XML, and no XLIFF: its outermost element is to be “xliff”.');
        }
        if ($root->namespaceURI !== self::NS) {
            $version = $root->getAttribute('version');

            throw new Refusal(in_array($version, ['2.0', '2.1'], true)
                ? 'Its elements are not those of XLIFF '.$version.': their namespace is “'.self::NS.'”.'
                : 'That is XLIFF '.($version === '' ? 'of another version' : mb_substr($version, 0, 8))
                    .'. What is read here is 2.0 and 2.1: have it saved as that.');
        }
        $path = new DOMXPath($document);
        $path->registerNamespace('x', self::NS);
        $units = $repeated = [];
        foreach ($path->query('//x:unit') ?: [] as $unit) {
            if ($unit instanceof DOMElement) {
                $id = $unit->getAttribute('id');
                isset($units[$id]) ? $repeated[] = $id : $units[$id] = self::returned($unit);
            }
        }
        $file = $path->query('//x:file');
        $file = $file === false ? null : $file->item(0);

        return new Returned(
            $file instanceof DOMElement && $file->hasAttribute('original') ? $file->getAttribute('original') : null,
            $root->hasAttribute('trgLang') ? $root->getAttribute('trgLang') : null, $units, $repeated,
        );
    }

    private static function unit(DOMElement $file, TranslationUnit $unit, ?string $target): void
    {
        $node = self::add($file, 'unit');
        $node->setAttribute('id', $unit->id);
        if ($unit->most !== null) {
            $node->setAttributeNS(self::SIZES, 'slr:sizeRestriction', (string) $unit->most);
        }
        $notes = $unit->seconds === null ? [] : [['time', sprintf('%.1f s as it is spoken now', $unit->seconds)]];
        foreach ($unit->notes as $note) {
            $notes[] = ['note', $note];
        }
        if ($notes !== []) {
            $list = self::add($node, 'notes');
            foreach ($notes as [$category, $text]) {
                self::add($list, 'note', $text)->setAttribute('category', $category);
            }
        }
        $segment = self::add($node, 'segment');
        $segment->setAttribute('state', $target === null ? 'initial' : 'translated');
        self::add($segment, 'source', $unit->source);
        $target === null || self::add($segment, 'target', $target);
    }

    private static function add(DOMDocument|DOMElement $to, string $name, string $text = ''): DOMElement
    {
        $document = $to instanceof DOMDocument ? $to : $to->ownerDocument;
        assert($document instanceof DOMDocument);
        $node = $document->createElementNS(self::NS, $name);
        if ($text !== '') {
            // What XML has no letters for is left out.
            $node->appendChild($document->createTextNode(
                (string) preg_replace('/[^\x{9}\x{A}\x{D}\x{20}-\x{D7FF}\x{E000}-\x{FFFD}\x{10000}-\x{10FFFF}]/u', '',
                    mb_scrub($text)),
            ));
        }
        $to->appendChild($node);

        return $node;
    }

    /** @throws Refusal */
    private static function document(string $xml): DOMDocument
    {
        if (strlen($xml) > self::MOST_BYTES) {
            throw new Refusal('That is larger than 8 MB: more than any short’s sentences.');
        }
        // What declares things of its own may declare a thousand millions of them. Looked for in every encoding.
        if (preg_match('/<!\s*(DOCTYPE|ENTITY)/i', str_replace("\0", '', $xml)) === 1) {
            throw new Refusal('A translation has no document type of its own. Have it saved without one.');
        }
        $before = libxml_use_internal_errors(true);
        try {
            $document = new DOMDocument;
            if (trim($xml) === '' || ! $document->loadXML($xml, LIBXML_NONET | LIBXML_COMPACT)) {
                $problem = libxml_get_last_error();

                throw new Refusal('That is no XML, or only a part of it'
                    .($problem === false ? '.' : sprintf(': line %d.', $problem->line)));
            }
        } finally {
            libxml_clear_errors();
            libxml_use_internal_errors($before);
        }

        return $document;
    }

    private static function returned(DOMElement $unit): ReturnedUnit
    {
        $source = $target = '';
        $codes = ['source' => [], 'target' => []];
        $isThere = false;
        foreach ($unit->childNodes as $part) {
            if (! $part instanceof DOMElement || ! in_array($part->localName, ['segment', 'ignorable'], true)) {
                continue;
            }
            foreach ($part->childNodes as $side) {
                if ($side instanceof DOMElement && $side->localName === 'source') {
                    $source .= self::text($side, $codes['source']);
                } elseif ($side instanceof DOMElement && $side->localName === 'target') {
                    $target .= self::text($side, $codes['target']);
                    $isThere = true;
                }
            }
        }
        sort($codes['source']);
        sort($codes['target']);

        return new ReturnedUnit(
            PlainText::line($source), $isThere ? PlainText::line($target) : null,
            ! $isThere || $codes['source'] === $codes['target'],
        );
    }

    /** @param  list<string>  $codes  its inline codes are put there */
    private static function text(DOMNode $node, array &$codes): string
    {
        $text = '';
        foreach ($node->childNodes as $child) {
            if (! $child instanceof DOMElement) {
                $text .= in_array($child->nodeType, [XML_TEXT_NODE, XML_CDATA_SECTION_NODE], true)
                    ? (string) $child->nodeValue : '';

                continue;
            }
            $name = (string) $child->localName;
            if ((in_array($name, self::AROUND, true) || in_array($name, self::POINTS, true))
                && ! in_array($name, self::NOT_KEPT, true)) {
                $codes[] = $name.' '.($child->getAttribute('id') ?: $child->getAttribute('startRef'));
            }
            if (in_array($name, self::AROUND, true)) {
                $text .= self::text($child, $codes);
            }
        }

        return $text;
    }
}
