<?php

declare(strict_types=1);

namespace App\Media\Farm;

use App\Ground\Work\DiskRoom;
use App\Ground\Work\HandedBack;
use App\Media\Making\LocalMaker;
use App\Media\Making\OrderReader;
use App\Media\Process\ToolFailed;
use App\Media\Store\StrangePlace;
use Closure;
use JsonException;
use RapidReel\Base\Refusal;
use RapidReel\Making\Mix\MixPlan;
use RapidReel\Making\Order\Order;
use RapidReel\Making\Render\EncoderArguments;
use RapidReel\Making\Render\Recipe;
use Throwable;

/**
 * One maker of a helper machine: takes an order, makes it, puts it on the disk that all see, takes the next. It has no
 * database and no key of the application.
 */
final class Helper
{
    private const POLL_MICROSECONDS = 120_000;

    /** While nothing can be taken. */
    private const PATIENT_MICROSECONDS = 1_000_000;

    private const SAID_EVERY_SECONDS = 4.0;

    /** As often as the cache is looked through. */
    private const SWEPT_EVERY_SECONDS = 120.0;

    /** After one that failed for want of room, or of the disk. */
    private const PAUSE_SECONDS = 20.0;

    /** Of an order that anybody would write. */
    private const MOST_BYTES = 4_000_000;

    private const MOST_FRAMES = 20_000;

    private const MOST_SIDE = 4_320;

    private const MOST_FPS = 120;

    private float $said = 0.0;

    private float $swept = 0.0;

    private float $pausedUntil = 0.0;

    private string $paused = '';

    private string $told = '';

    private bool $isStopping = false;

    private int $made = 0;

    private int $failed = 0;

    /**
     * @param  MakerReport  $self  by which it is known
     * @param  Closure(string): void  $tell  what it does, for whoever started it
     */
    public function __construct(
        private readonly MakerReport $self,
        private readonly OrderBoard $board,
        private readonly Roll $roll,
        private readonly HelperCache $cache,
        private readonly LocalMaker $maker,
        private readonly DiskRoom $room,
        private readonly Closure $tell,
    ) {
    }

    /**
     * Goes on until the process is to end (SIGTERM, SIGINT).
     *
     * @param  Closure(): bool|null  $isEnough  asked between orders; for tests
     *
     * @throws StrangePlace
     */
    public function run(?Closure $isEnough = null): void
    {
        pcntl_async_signals(true);
        foreach ([SIGTERM, SIGINT] as $signal) {
            // Seen where it does no harm: between two words with Redis.
            pcntl_signal($signal, function (): void {
                $this->isStopping = true;
            });
        }
        while (! $this->isStopping && ($isEnough === null || ! $isEnough())) {
            try {
                usleep($this->turn() ? 0 : ($this->told === '' ? self::POLL_MICROSECONDS : self::PATIENT_MICROSECONDS));
            } catch (FarmUnreachable $away) {
                $this->say($away->getMessage().' It is tried again every few seconds.');
                usleep(self::PATIENT_MICROSECONDS);
            }
        }
        try {
            $this->roll->leaves($this->self->id());
        } catch (FarmUnreachable) {
            // They see it themselves in a while.
        }
    }

    /**
     * @return bool whether there was something to do
     *
     * @throws FarmUnreachable
     * @throws StrangePlace
     */
    private function turn(): bool
    {
        $now = hrtime(true) / 1e9;
        if ($now - $this->swept > self::SWEPT_EVERY_SECONDS) {
            $this->swept = $now;
            $this->cache->sweep();
        }
        $why = $this->why($now);
        $this->say($why);
        $this->answer('', $why);
        if ($why !== '') {
            return false;
        }
        try {
            $offer = $this->board->take();
        } catch (Refusal $problem) {
            $this->roll->failed($this->self->machine, 'An order', $problem->getMessage());

            return true;
        }
        if ($offer === null) {
            return false;
        }
        $this->work($offer);

        return true;
    }

    /**
     * Why it takes nothing at this moment, if it does not.
     *
     * @throws FarmUnreachable
     */
    private function why(float $now): string
    {
        $main = $this->roll->main();

        return match (true) {
            $now < $this->pausedUntil => $this->paused,
            $this->room->isShort() => $this->room->sentence(),
            $this->roll->isLeftOut($this->self->machine) => MakerReport::LEFT_OUT,
            $main !== null && $main[0] !== $this->self->tools->code => 'It has another version of Rapid Reel than '
                .'the main machine, and is given nothing. Bring it to the same version and start it again.',
            default => '',
        };
    }

    /**
     * @throws FarmUnreachable
     */
    private function work(Offer $offer): void
    {
        $what = 'An order';
        $begun = hrtime(true) / 1e9;
        try {
            $order = self::read($offer);
            $what = self::named($order);
            ($this->tell)("$what, {$offer->key}");
            $this->said = 0.0;
            $this->answer($what, '');
            // Said while files come and go, too: a disk may be slow.
            $beat = fn () => $this->beat($offer, $what);
            $this->cache->fill($order, $beat);
            $this->maker->threaded($offer->threads)->make([$order], $beat);
            // Whoever is asked to end by now puts it there all the same.
            $files = $this->cache->empty($order, fn () => $this->held($offer, $what));
            $this->made++;
            $this->board->made($offer->key, $files);
            $order instanceof Recipe && $this->roll->worked(
                $this->self->machine, $order->frames * $order->raster->width * $order->raster->height,
                hrtime(true) / 1e9 - $begun,
            );
            $this->said = 0.0;
        } catch (HandedBack) {
            ($this->tell)("$what is handed back.");
            $this->board->leave($offer->key);
        } catch (FarmUnreachable $away) {
            // What is made stands on the disk, and is found there.
            throw $away;
        } catch (Throwable $problem) {
            $this->failed($offer, $what, $problem);
        }
    }

    /** @throws FarmUnreachable */
    private function failed(Offer $offer, string $what, Throwable $problem): void
    {
        $this->failed++;
        ($this->tell)("$what failed: {$problem->getMessage()}");
        $isDisk = ! $problem instanceof Refusal && ! $problem instanceof ToolFailed;
        if ($isDisk) {
            // A disk that does not take or give something now does so with the next as well.
            $this->pausedUntil = hrtime(true) / 1e9 + self::PAUSE_SECONDS;
            $this->paused = "It waits a little after this: {$problem->getMessage()}";
        }
        $this->board->decline(
            $offer->key, $isDisk ? OrderBoard::DECLINED_SHORTLY_SECONDS : OrderBoard::DECLINED_SECONDS,
        );
        $this->roll->failed($this->self->machine, $what, $problem->getMessage());
    }

    /** @throws HandedBack once the process is to end */
    private function beat(Offer $offer, string $what): void
    {
        if ($this->isStopping) {
            throw HandedBack::forTheNight();
        }
        $this->held($offer, $what);
    }

    /** Says that it is still at an order. */
    private function held(Offer $offer, string $what): void
    {
        if (hrtime(true) / 1e9 - $this->said < self::SAID_EVERY_SECONDS) {
            return;
        }
        try {
            $this->board->beat($offer->key);
            $this->answer($what, '');
        } catch (FarmUnreachable) {
            // It is made to its end: it will be found on the disk.
            $this->said = hrtime(true) / 1e9;
        }
    }

    /** @throws FarmUnreachable */
    private function answer(string $doing, string $why): void
    {
        if (hrtime(true) / 1e9 - $this->said >= self::SAID_EVERY_SECONDS) {
            $this->said = hrtime(true) / 1e9;
            $this->roll->answer(new MakerReport(
                $this->self->machine, $this->self->number, $this->self->tools, $doing, $why, $this->made, $this->failed,
                (int) round(1_000 * $this->cache->secondsPerFile()),
            ));
        }
    }

    /** What is new of why it does nothing. */
    private function say(string $why): void
    {
        if ($why !== $this->told) {
            ($this->tell)($why === '' ? 'It goes on.' : $why);
            $this->told = $why;
            $this->said = 0.0;
        }
    }

    /**
     * @throws Refusal when it is no order that is made for others
     */
    private static function read(Offer $offer): Order
    {
        if (strlen($offer->order) > self::MOST_BYTES) {
            throw new Refusal('That is no order that is made for others.');
        }
        $order = OrderReader::read($offer->order);
        try {
            $isOurs = OrderFiles::travels($order) && $order->key() === $offer->key
                && (! $order instanceof Recipe || self::isSegment($order));
        } catch (JsonException $problem) {
            throw new Refusal('That is no order that is made for others.', previous: $problem);
        }

        return $isOurs ? $order : throw new Refusal('That is no order that is made for others.');
    }

    /** Whether it is of a size that there is, and tells its encoder what we tell it. */
    private static function isSegment(Recipe $order): bool
    {
        return EncoderArguments::areOurs($order->encoder) && $order->frames <= self::MOST_FRAMES
            && max($order->raster->width, $order->raster->height) <= self::MOST_SIDE
            && min($order->raster->width, $order->raster->height) >= 16
            && $order->raster->fps >= 1 && $order->raster->fps <= self::MOST_FPS;
    }

    private static function named(Order $order): string
    {
        return match (true) {
            $order instanceof Recipe => sprintf(
                'A shot of %.1f s in %d × %d', $order->frames / $order->raster->fps, $order->raster->width,
                $order->raster->height,
            ),
            $order instanceof MixPlan => sprintf('The sound of a short of %.0f s', $order->seconds()),
            default => 'A look at footage',
        };
    }
}
