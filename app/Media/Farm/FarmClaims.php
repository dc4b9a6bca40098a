<?php

declare(strict_types=1);

namespace App\Media\Farm;

use App\Media\Process\Claim;
use App\Media\Process\Claims;
use App\Media\Process\EncoderWork;
use App\Media\Process\LocalClaims;
use Illuminate\Support\Facades\Log;
use RuntimeException;

/**
 * Who makes what among all machines. What others have made is taken; what one has held for much longer than it should
 * take is made here as well, as soon as there is nothing else to do. Where Redis is away all is made here.
 */
final class FarmClaims implements Claims
{
    /** As often as it is asked again whether others are still at something. */
    private const ASKED_SECONDS = 0.2;

    /** As often as it is looked who is there: it is asked for each of many works. */
    private const LOOKED_SECONDS = 1.0;

    /** Others are waited for as much longer than this machine would take. */
    private const PATIENCE = 4.0;

    private const LEAST_PATIENCE_SECONDS = 12.0;

    /** Of what makes no pictures. */
    private const USUAL_SECONDS = 15.0;

    /** Pixels a second, as long as none were made here. */
    private const USUAL_SPEED = 2.0e7;

    private const KNOWN = 500;

    /** @var array<string, float> when it was first seen that others are at something, by key */
    private array $since = [];

    /** @var array<string, float> when it was last asked, by key */
    private array $asked = [];

    private int $pixels = 0;

    private float $seconds = 0.0;

    private int $made = 0;

    private bool $hasHelpers = false;

    private float $lookedAt = 0.0;

    /** @param  bool  $takesPart  whether this machine makes what others could make, while there are some */
    public function __construct(
        private readonly LocalClaims $here,
        private readonly OrderBoard $board,
        private readonly Exchange $exchange,
        private readonly Roll $roll,
        private readonly Toolprint $tools,
        private readonly bool $takesPart = true,
    ) {
    }

    public function claim(EncoderWork $work, bool $isIdle): ?Claim
    {
        $now = hrtime(true) / 1e9;
        if ($now - ($this->asked[$work->key] ?? 0.0) < self::ASKED_SECONDS) {
            return null;
        }
        $here = $this->here->claim($work, $isIdle);
        if ($here === null) {
            return null;
        }
        if (! $this->isOpen($work, $isIdle, $now)) {
            $this->asked = [...array_slice($this->asked, -self::KNOWN), $work->key => $now];
            $here->release(isMade: false);

            return null;
        }
        unset($this->asked[$work->key], $this->since[$work->key]);

        return new FarmClaim(
            $here,
            fn () => self::quietly(function () use ($work): void {
                $this->board->beat($work->key);
                $this->answer($work->doing);
            }),
            fn (bool $isMade, float $seconds) => $this->released($work, $isMade, $seconds),
        );
    }

    /** Whether this machine is to make it, or to see that it is there. */
    private function isOpen(EncoderWork $work, bool $isIdle, float $now): bool
    {
        $isOverdue = $isIdle && $now - ($this->since[$work->key] ?? $now) > $this->patience($work);
        $takes = $this->takesPart || $isOverdue;
        try {
            [$standing, $files] = $this->board->claim($work->key, $takes || ! $this->hasHelpers($now));
        } catch (FarmUnreachable) {
            return true;
        }
        if ($standing === Standing::Made) {
            try {
                $this->exchange->bring($files);
            } catch (RuntimeException $problem) {
                // What cannot be had from there is made here.
                Log::warning($problem->getMessage());
            }
        }

        if ($standing === Standing::Others && ! isset($this->since[$work->key])) {
            $this->since = [...array_slice($this->since, -self::KNOWN), $work->key => $now];
        }

        // What is there whoever made it is taken at once: nobody else says so to whoever takes no part.
        return $standing === Standing::Own || $standing === Standing::Made || $isOverdue || ($work->isThere)();
    }

    /** @throws FarmUnreachable */
    private function hasHelpers(float $now): bool
    {
        if ($now - $this->lookedAt > self::LOOKED_SECONDS) {
            $this->hasHelpers = $this->roll->hasHelpers($this->tools);
            $this->lookedAt = $now;
        }

        return $this->hasHelpers;
    }

    private function patience(EncoderWork $work): float
    {
        $speed = $this->seconds > 1.0 ? $this->pixels / $this->seconds : self::USUAL_SPEED;
        $seconds = $work->pixels === 0 ? self::USUAL_SECONDS : $work->pixels / $speed;

        return max(self::LEAST_PATIENCE_SECONDS, self::PATIENCE * $seconds);
    }

    private function released(EncoderWork $work, bool $isMade, float $seconds): void
    {
        if ($isMade && $seconds > 0.0) {
            $this->made++;
            $this->pixels += $work->pixels;
            $this->seconds += $work->pixels === 0 ? 0.0 : $seconds;
        }
        self::quietly(function () use ($work, $isMade, $seconds): void {
            $isMade ? $this->board->made($work->key, []) : $this->board->leave($work->key);
            if ($isMade && $seconds > 0.0) {
                $work->pixels === 0 || $this->roll->worked(MakerReport::MAIN, $work->pixels, $seconds);
                $this->answer('');
            }
        });
    }

    /** @throws FarmUnreachable */
    private function answer(string $doing): void
    {
        $this->roll->answer(new MakerReport(
            MakerReport::MAIN, (int) getmypid(), $this->tools, $doing, made: $this->made,
        ));
    }

    /** @param  callable(): mixed  $say */
    private static function quietly(callable $say): void
    {
        try {
            $say();
        } catch (FarmUnreachable) {
            // Whoever holds something without a word loses it in a while, which harms nobody.
        }
    }
}
