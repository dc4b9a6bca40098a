<?php

declare(strict_types=1);

namespace App\Desks\Review;

use App\Shelves\Models\Batch;
use App\Shelves\Models\GuestLink;
use App\Shelves\Models\Short;
use Illuminate\Support\Str;
use RapidReel\Base\Refusal;

/** Links for somebody without an account: what stands in them is kept nowhere, only its hash. */
final readonly class GuestDesk
{
    public const MOST_DAYS = 90;

    private const MOST_NAME = 60;

    private const MOST_LINKS = 20;

    /**
     * @return array{GuestLink, string} with what stands in its address
     *
     * @throws Refusal
     */
    public function make(Batch $batch, string $name, int $days): array
    {
        $name = trim((string) preg_replace('/[\s\p{Cc}]+/u', ' ', mb_scrub($name)));
        if ($name === '' || mb_strlen($name) > self::MOST_NAME) {
            throw new Refusal(sprintf('Say whom the link is for, in at most %d letters.', self::MOST_NAME));
        }
        if ($days < 1 || $days > self::MOST_DAYS) {
            throw new Refusal(sprintf('A link holds from 1 to %d days.', self::MOST_DAYS));
        }
        if ($this->open($batch) !== [] && count($this->open($batch)) >= self::MOST_LINKS) {
            throw new Refusal(sprintf('%d links of this batch are open. Withdraw one first.', self::MOST_LINKS));
        }
        $token = Str::random(40);
        $link = GuestLink::query()->create([
            'batch_id' => $batch->id, 'name' => $name, 'token' => self::hash($token),
            'ends_at' => now()->addDays($days),
        ]);

        return [$link, $token];
    }

    /** @return list<GuestLink> that let somebody in, the last first */
    public function open(Batch $batch): array
    {
        return array_values(GuestLink::query()->where('batch_id', $batch->id)->whereNull('withdrawn_at')
            ->where('ends_at', '>', now())->latest('id')->get()->all());
    }

    public function withdraw(GuestLink $link): void
    {
        $link->withdrawn_at === null && $link->update(['withdrawn_at' => now()]);
    }

    /** Whom what stands in an address lets in; null where nobody. */
    public function of(string $token): ?GuestLink
    {
        $link = GuestLink::query()->where('token', self::hash($token))->first();

        return $link !== null && $link->isOpen() ? $link : null;
    }

    /** The short of that number that a link shows; null where it shows none. */
    public function short(GuestLink $link, int $id): ?Short
    {
        return Short::query()->where('batch_id', $link->batch_id)->find($id);
    }

    private static function hash(string $token): string
    {
        return hash('sha256', $token);
    }
}
