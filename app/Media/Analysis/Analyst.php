<?php

declare(strict_types=1);

namespace App\Media\Analysis;

use App\Media\Probing\Prober;
use App\Media\Probing\UnusableMedia;
use App\Media\Process\ToolFailed;
use App\Media\Store\Findings;
use App\Media\Store\KeyedLock;
use App\Media\Store\Originals;
use App\Media\Store\StrangePlace;
use Closure;
use RapidReel\Base\Refusal;
use RapidReel\Making\Order\Analysis;
use RapidReel\Making\Order\AnalysisKind;
use RapidReel\Pictures\Framing\Interest\InterestMap;

/** Finds out about the pictures of a file what is ordered, once, and keeps it. */
final readonly class Analyst
{
    public function __construct(
        private Originals $originals,
        private Findings $findings,
        private KeyedLock $locks,
        private Prober $prober,
        private InterestReader $interests,
        private GroundReader $grounds,
    ) {
    }

    /**
     * Where what is found stands, as JSON.
     *
     * @throws StrangePlace
     */
    public function file(Analysis $order): string
    {
        return $this->findings->file(self::room($order), $order->key());
    }

    /** @throws StrangePlace */
    public function isThere(Analysis $order): bool
    {
        $found = $this->findings->known(self::room($order), $order->key());

        return match ($order->of) {
            AnalysisKind::Interest => $found !== null && InterestMap::fromArray($found) !== null,
            AnalysisKind::Ground => $found !== null,
        };
    }

    /**
     * @param  Closure(float): void|null  $tell  told the part that is done
     * @return bool whether it was found out by this call
     *
     * @throws ToolFailed
     * @throws UnusableMedia
     */
    public function find(Analysis $order, ?Closure $tell = null): bool
    {
        return $this->locks->hold("analysis-{$order->key()}", function () use ($order, $tell): bool {
            if ($this->isThere($order)) {
                return false;
            }
            $this->findings->keep(self::room($order), $order->key(), $this->look($order, $tell));

            return true;
        });
    }

    /**
     * @return array<array-key, mixed> empty where there is nothing to be found
     *
     * @throws UnusableMedia
     * @throws ToolFailed
     * @throws StrangePlace
     * @throws Refusal
     */
    private function look(Analysis $order, ?Closure $tell): array
    {
        $file = $this->originals->file($order->source);
        $seen = $this->prober->glance($file, basename($file));

        return match ($order->of) {
            AnalysisKind::Interest => $this->interests->read($file, $seen, $tell)->toArray(),
            AnalysisKind::Ground => $this->grounds->read($file, $seen, $order->colour)?->toArray() ?? [],
        };
    }

    private static function room(Analysis $order): string
    {
        return match ($order->of) {
            AnalysisKind::Interest => Findings::INTEREST,
            AnalysisKind::Ground => Findings::GROUNDS,
        };
    }
}
