<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing\Interest;

use InvalidArgumentException;
use SimpleXMLElement;

/**
 * A published cascade of boosted classifiers over local binary patterns of blocks: S. Liao, X. Zhu, Z. Lei, L. Zhang
 * and S. Li, "Learning Multi-scale Block Local Binary Patterns for Face Recognition", ICB 2007, in the XML form in
 * which such cascades are given out.
 */
final readonly class FaceCascade
{
    /**
     * @param  int  $side  of the square it looks at, in pixels
     * @param  list<array{float, list<array{int, list<int>, float, float}>}>  $stages  each a threshold and its trees:
     *   number of the feature, the patterns that go left as 8 × 32 bits, what is added on the left and on the right
     * @param  list<array{int, int, int, int}>  $features  the upper left of three by three blocks: x, y, width, height
     */
    private function __construct(
        public int $side,
        public array $stages,
        public array $features,
    ) {
    }

    /** @throws InvalidArgumentException when it is no such cascade */
    public static function fromXml(string $xml): self
    {
        $use = libxml_use_internal_errors(true);
        $root = simplexml_load_string($xml, options: LIBXML_NONET);
        libxml_use_internal_errors($use);
        $cascade = $root === false ? null : $root->cascade;
        if ($cascade === null || trim((string) $cascade->featureType) !== 'LBP' || ! isset($cascade->stages->_)) {
            throw new InvalidArgumentException('This is no cascade of local binary patterns.');
        }
        $stages = [];
        foreach ($cascade->stages->_ as $stage) {
            $trees = [];
            foreach ($stage->weakClassifiers->_ ?? [] as $tree) {
                $nodes = self::numbers($tree->internalNodes);
                $leaves = self::numbers($tree->leafValues);
                if (count($nodes) !== 11 || count($leaves) !== 2) {
                    throw new InvalidArgumentException('A tree of this cascade has more than one node.');
                }
                $trees[] = [(int) $nodes[2], array_map(intval(...), array_slice($nodes, 3)), $leaves[0], $leaves[1]];
            }
            $stages[] = [(float) $stage->stageThreshold, $trees];
        }
        $features = [];
        foreach ($cascade->features->_ ?? [] as $feature) {
            $rect = array_map(intval(...), self::numbers($feature->rect));
            if (count($rect) !== 4) {
                throw new InvalidArgumentException('A feature of this cascade has no place.');
            }
            $features[] = [$rect[0], $rect[1], $rect[2], $rect[3]];
        }

        return new self((int) $cascade->width, $stages, $features);
    }

    /** @return list<float> */
    private static function numbers(?SimpleXMLElement $element): array
    {
        return array_map(floatval(...), (array) preg_split('/\s+/', trim((string) $element)));
    }
}
