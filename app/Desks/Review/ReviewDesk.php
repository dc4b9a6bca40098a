<?php

declare(strict_types=1);

namespace App\Desks\Review;

use App\Makers\Reviewing\Judge;
use App\Makers\Reviewing\ShortReviews;
use App\Shelves\Models\GuestLink;
use App\Shelves\Models\Short;
use App\Shelves\Models\User;
use App\Shelves\Models\Verdict;
use App\Shelves\Models\Waiver;
use Illuminate\Support\Facades\DB;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Review\Check\Finding;

/** Shorts are looked at before they leave: what speaks against them, what of that is ignored, who cleared them. */
final readonly class ReviewDesk
{
    public function __construct(
        private ShortReviews $reviews,
        private Judge $judge,
    ) {
    }

    /**
     * A finding counts no longer, for as long as its words stand.
     *
     * @throws Refusal
     */
    public function waive(Short $short, string $key, string $note, ?User $user): Finding
    {
        $one = $this->finding($short, $key);
        $waiver = Waiver::query()->firstOrNew(['short_id' => $short->id, 'finding' => $key]);
        $waiver->fill(['note' => self::note($note, Waiver::MOST_NOTE)])->forceFill(['user_id' => $user?->id])->save();

        return $one;
    }

    /** It counts again. */
    public function unwaive(Short $short, string $key): void
    {
        Waiver::query()->where('short_id', $short->id)->where('finding', $key)->delete();
    }

    /**
     * @param  string  $seen  what whoever clears it had before them
     *
     * @throws Refusal
     */
    public function clear(Short $short, string $seen, User|GuestLink $who): Verdict
    {
        return DB::transaction(function () use ($short, $seen, $who): Verdict {
            $review = $this->judge->of($this->now($short));
            $is = $short->looksLike();
            if ($is === '' || $review->shown === null) {
                throw new Refusal('This short is being planned. Look at it when that is done, and clear it then.');
            }
            if ($seen !== $is) {
                throw new Refusal('This short was changed since you looked at it. Have a look at it as it is now.');
            }
            $stops = $review->stopping();
            if ($stops !== []) {
                throw new Refusal(sprintf(
                    '%s it: %s Mend it, or ignore it here.',
                    count($stops) === 1 ? 'A finding stops' : count($stops).' findings stop',
                    $stops[0]->finding->message,
                ));
            }

            return $this->say($short, $is, true, '', null, $who);
        });
    }

    /**
     * @param  int|null  $ms  moment of the file that the note is of
     *
     * @throws Refusal
     */
    public function sendBack(Short $short, string $note, ?int $ms, User|GuestLink $who): Verdict
    {
        $note = self::note($note, Verdict::MOST_NOTE);
        if ($note === '') {
            throw new Refusal('Say what is to be changed, so that whoever mends it knows.');
        }

        return DB::transaction(fn (): Verdict => $this->say(
            $this->now($short), $short->looksLike(), false, $note, $ms === null ? null : max(0, $ms), $who,
        ));
    }

    private function now(Short $short): Short
    {
        return $short->refresh()->load(['batch.channel', 'waivers', 'latestVerdict']);
    }

    private function say(Short $short, string $of, bool $cleared, string $note, ?int $ms, User|GuestLink $who): Verdict
    {
        $verdict = new Verdict([
            'short_id' => $short->id, 'cleared' => $cleared, 'of' => $of, 'note' => $note, 'ms' => $ms,
            'guest_link_id' => $who instanceof GuestLink ? $who->id : null,
            'by' => $who->name,
        ]);
        $verdict->forceFill(['user_id' => $who instanceof User ? $who->id : null])->save();

        return $verdict;
    }

    /** @throws Refusal */
    private function finding(Short $short, string $key): Finding
    {
        foreach ($this->reviews->of($short) ?? [] as $one) {
            if ($one->key() === $key) {
                return $one;
            }
        }

        throw new Refusal('This finding is no longer there. Reload the page.');
    }

    /** @throws Refusal */
    private static function note(string $written, int $most): string
    {
        $note = trim(mb_scrub($written));
        if (mb_strlen($note) > $most) {
            throw new Refusal(sprintf(
                'A note has at most %s characters; this has %s. Nothing was sent.', number_format($most),
                number_format(mb_strlen($note)),
            ));
        }

        return $note;
    }
}
