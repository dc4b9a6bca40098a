<?php

declare(strict_types=1);

namespace App\Desks\Outbox;

use App\Desks\Exporting\TakenOver;
use App\Gateways\Outlets\FailureKind;
use App\Gateways\Outlets\OutletDoor;
use App\Gateways\Outlets\OutletFailure;
use App\Gateways\Outlets\Parcel;
use App\Gateways\Outlets\Sent;
use App\Gateways\Outlets\SentState;
use App\Ground\Work\HandedBack;
use App\Media\Process\ToolFailed;
use App\Media\Store\KeyedLock;
use App\Media\Store\StrangePlace;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\Post;
use App\Shelves\Models\PostState;
use RapidReel\Base\Refusal;
use RapidReel\Making\Publish\Sending\Patience;
use Throwable;

/**
 * Posts one short at one outlet, exactly once: whatever may have left before is asked for under its key before anything
 * is sent, what is written asks whether another has it by now, and one live process at a time has it at all.
 */
final readonly class Poster
{
    private const LOOK_AGAIN = 5;

    private const FILE_AGAIN = 20;

    public function __construct(
        private OutletDesk $outlets,
        private Departures $departures,
        private Covers $covers,
        private ShortTraits $traits,
        private Outbox $outbox,
        private KeyedLock $locks,
    ) {
    }

    /**
     * @return bool whether it was taken up
     *
     * @throws StrangePlace
     * @throws HandedBack
     */
    public function run(Post $post): bool
    {
        $lock = $this->locks->claim("post-$post->id");
        if ($lock === null) {
            return false;
        }
        try {
            $claim = PostClaim::take($post);
            if ($claim === null) {
                return false;
            }
            $this->bring($claim);

            return true;
        } catch (TakenOver) {
            // Somebody took it out of the plan meanwhile, or has it now.
            return true;
        } finally {
            $lock->release();
        }
    }

    /**
     * @throws TakenOver
     * @throws StrangePlace
     * @throws HandedBack
     */
    private function bring(PostClaim $claim): void
    {
        $post = $claim->post;
        try {
            $door = $this->outlets->door($post->outlet);
            $this->ended($claim, ($post->begun ? $this->found($door, $post) : null) ?? $this->sent($claim, $door));
        } catch (NotYet $wait) {
            $claim->write([
                'state' => PostState::Waiting, 'problem' => $wait->getMessage(),
                'next_at' => now()->getTimestamp() + self::FILE_AGAIN,
            ]);
        } catch (OutletFailure $failure) {
            $this->failed($claim, $failure);
        } catch (Refusal|ToolFailed $problem) {
            $claim->write(['state' => PostState::Stopped, 'problem' => self::said($problem->getMessage())]);
        } catch (TakenOver|HandedBack $given) {
            throw $given;
        } catch (Throwable $fault) {
            // A fault of ours with one short keeps no other from leaving.
            report($fault);
            $this->failed($claim, OutletFailure::later('something went wrong on this machine.'));
        }
    }

    /**
     * What became of what was sent before, however that ended here.
     *
     * @throws OutletFailure
     */
    private function found(OutletDoor $door, Post $post): ?Sent
    {
        $found = $door->find($post->key);

        return $found === null || $found->state === SentState::Arriving ? null : $found;
    }

    /**
     * @throws NotYet
     * @throws OutletFailure
     * @throws Refusal
     * @throws StrangePlace
     * @throws TakenOver
     * @throws ToolFailed
     * @throws HandedBack
     */
    private function sent(PostClaim $claim, OutletDoor $door): Sent
    {
        $post = $claim->post;
        $short = $post->short;
        $leaving = $this->departures->of($post);
        $clock = $this->outbox->clock($short->batch->channel);
        $parcel = new Parcel(
            $post->key, $leaving->name, $leaving->file, (int) filesize($leaving->file),
            (string) hash_file('sha256', $leaving->file), $leaving->listing,
            $this->covers->of($post, $leaving), $post->outlet->as_draft,
        );
        // From here on something may be there, whatever becomes of this process.
        $claim->write([
            'begun' => true, 'of' => $short->looksLike(), 'sent' => $leaving->listing->toArray(),
            'traits' => $this->traits->of($short, $clock, now()->getTimestamp()), 'percent' => 0,
        ]);
        $told = 0;

        return $door->send($parcel, static function (int $percent) use ($claim, &$told): void {
            // Often enough to see whether another has it, and not for every piece of a small file.
            if ($percent === 0 || $percent >= $told + 5) {
                $claim->write(['percent' => min(100, $percent)]);
                $told = $percent;
            }
        });
    }

    /** @throws TakenOver */
    private function ended(PostClaim $claim, Sent $sent): void
    {
        $now = now()->getTimestamp();
        $claim->write(match ($sent->state) {
            SentState::Posted => [
                'state' => PostState::Posted, 'posted_at' => $now, 'remote' => $sent->id, 'address' => $sent->address,
                'percent' => 100, 'next_at' => null, 'tries' => 0,
            ],
            SentState::Refused => [
                'state' => PostState::Stopped, 'remote' => $sent->id,
                'problem' => self::said("{$claim->post->outlet->name} refused it: "
                    .($sent->why === '' ? 'it gave no reason.' : $sent->why)),
            ],
            default => [
                'state' => PostState::Processing, 'remote' => $sent->id, 'address' => $sent->address,
                'percent' => 100, 'next_at' => $now + self::LOOK_AGAIN,
            ],
        });
    }

    /** @throws TakenOver */
    private function failed(PostClaim $claim, OutletFailure $failure): void
    {
        $post = $claim->post;
        $outlet = $post->outlet;
        $now = now()->getTimestamp();
        if ($failure->kind === FailureKind::SignedOut) {
            // Of all its posts: said once, and none of them is tried until somebody signs in.
            Outlet::query()->whereKey($outlet->id)->update(['problem' => self::said($failure->getMessage())]);
            $claim->write(['state' => PostState::Waiting, 'problem' => $failure->getMessage(), 'next_at' => $now]);

            return;
        }
        $tries = $post->tries + 1;
        $says = "$outlet->name: {$failure->getMessage()}";
        if ($failure->kind === FailureKind::Refused || $tries >= Patience::MOST_TRIES) {
            $claim->write(['state' => PostState::Stopped, 'tries' => $tries, 'problem' => self::said($says)]);

            return;
        }
        $seconds = Patience::seconds($tries, $failure->afterSeconds, mt_rand() / mt_getrandmax());
        if ($failure->afterSeconds !== null) {
            Outlet::query()->whereKey($outlet->id)->update(['rest_until' => $now + $failure->afterSeconds]);
        }
        $claim->write([
            'state' => PostState::Waiting, 'tries' => $tries, 'next_at' => $now + $seconds,
            'problem' => self::said($says),
        ]);
    }

    private static function said(string $message): string
    {
        return mb_strimwidth(mb_scrub($message), 0, 500, '…');
    }
}
