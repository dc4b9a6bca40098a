<?php

declare(strict_types=1);

namespace App\Media\Farm;

use InvalidArgumentException;
use JsonException;
use RapidReel\Base\Refusal;

/**
 * Where orders lie for the machines that make them. Who takes one has it for a moment, and says again and again that it
 * is still at it; what nobody speaks of any more is free for others. All times are those of Redis: machines may have
 * clocks of their own.
 */
final readonly class OrderBoard
{
    /** As long as one is held without a word. */
    private const HELD_MS = 15_000;

    /** As long as one lies there without being offered again. */
    private const OFFERED_MS = 120_000;

    /** The same of what is not wanted yet. */
    private const ANNOUNCED_MS = 6 * 3_600_000;

    /** As long as it is told that something was made. */
    private const MADE_MS = 86_400_000;

    /** As long as a machine is not given again what it failed at. */
    public const DECLINED_SECONDS = 3_600;

    /** The same where that lay with a disk, and may be over in a moment. */
    public const DECLINED_SHORTLY_SECONDS = 60;

    /** Looked through at once, of what is open. */
    private const MOST_LOOKED = 64;

    /** What is just being looked at as made is not made again. */
    private const OFFER = <<<'LUA'
        if redis.call('EXISTS', ARGV[1]..'made:'..ARGV[2]) == 1 then return 0 end
        redis.call('SET', ARGV[1]..'order:'..ARGV[2], ARGV[3], 'PX', ARGV[4])
        redis.call('ZADD', ARGV[1]..'open:'..ARGV[5], ARGV[6], ARGV[2])
        redis.call('PEXPIRE', ARGV[1]..'open:'..ARGV[5], 24 * 3600000)
        return 1
        LUA;

    private const TAKE = <<<'LUA'
        for _, list in ipairs({ARGV[4], ARGV[5]}) do
            for _, key in ipairs(redis.call('ZRANGE', ARGV[1]..'open:'..list, 0, ARGV[6])) do
                local order = redis.call('GET', ARGV[1]..'order:'..key)
                if not order then
                    redis.call('ZREM', ARGV[1]..'open:'..list, key)
                elseif redis.call('EXISTS', ARGV[1]..'lease:'..key) == 0
                    and redis.call('SISMEMBER', ARGV[1]..'declined:'..key, ARGV[7]) == 0 then
                    redis.call('SET', ARGV[1]..'lease:'..key, ARGV[2], 'PX', ARGV[3])
                    return {key, order}
                end
            end
        end
        return false
        LUA;

    private const CLAIM = <<<'LUA'
        local held = redis.call('GET', ARGV[1]..'lease:'..ARGV[4])
        if held and held ~= ARGV[2] then return 'others' end
        local made = redis.call('GET', ARGV[1]..'made:'..ARGV[4])
        if made then return {made} end
        if ARGV[5] == '0' and redis.call('EXISTS', ARGV[1]..'declined:'..ARGV[4]) == 0 then return 'open' end
        redis.call('SET', ARGV[1]..'lease:'..ARGV[4], ARGV[2], 'PX', ARGV[3])
        return 'own'
        LUA;

    /** One that Redis has forgotten is as good as one that it knows. */
    private const BEAT = <<<'LUA'
        local held = redis.call('GET', ARGV[1]..'lease:'..ARGV[4])
        if held and held ~= ARGV[2] then return 0 end
        redis.call('SET', ARGV[1]..'lease:'..ARGV[4], ARGV[2], 'PX', ARGV[3])
        return 1
        LUA;

    private const LEAVE = <<<'LUA'
        if redis.call('GET', ARGV[1]..'lease:'..ARGV[3]) == ARGV[2] then
            redis.call('DEL', ARGV[1]..'lease:'..ARGV[3])
        end
        return 1
        LUA;

    private const MADE = <<<'LUA'
        if ARGV[4] ~= '' then
            redis.call('SET', ARGV[1]..'made:'..ARGV[3], ARGV[4], 'PX', ARGV[5])
        end
        redis.call('DEL', ARGV[1]..'order:'..ARGV[3])
        if redis.call('GET', ARGV[1]..'lease:'..ARGV[3]) == ARGV[2] then
            redis.call('DEL', ARGV[1]..'lease:'..ARGV[3])
        end
        return 1
        LUA;

    /**
     * @param  string  $who  this machine, and which of its makers
     * @param  string  $machine  this machine alone
     * @param  Toolprint  $tools  of this machine
     */
    public function __construct(
        private FarmLink $link,
        private string $who,
        private string $machine,
        private Toolprint $tools,
    ) {
    }

    /**
     * Lays orders out, or says again of those that lie there that they are wanted.
     *
     * @param  list<Offer>  $offers
     * @param  bool  $isWanted  whether somebody waits for them, and will say so again
     *
     * @throws FarmUnreachable
     * @throws JsonException
     */
    public function offer(array $offers, bool $isWanted = true): void
    {
        foreach ($offers as $offer) {
            $this->link->script(self::OFFER, [
                $offer->key, $offer->toJson(), $isWanted ? self::OFFERED_MS : self::ANNOUNCED_MS,
                $this->list($offer->isJoined), (string) -$offer->weight,
            ]);
        }
    }

    /**
     * Nobody wants them any more.
     *
     * @param  list<string>  $keys
     *
     * @throws FarmUnreachable
     */
    public function withdraw(array $keys): void
    {
        if ($keys !== []) {
            $this->link->ask('DEL', array_map(fn (string $key): string => $this->link->name("order:$key"), $keys));
        }
    }

    /**
     * The heaviest that this machine may make and nobody is at.
     *
     * @throws FarmUnreachable
     * @throws Refusal when it is none of ours
     */
    public function take(): ?Offer
    {
        $taken = $this->link->script(self::TAKE, [
            $this->who, self::HELD_MS, $this->list(true), $this->list(false), self::MOST_LOOKED - 1, $this->machine,
        ]);
        if (! is_array($taken) || ! is_string($taken[0] ?? null) || ! is_string($taken[1] ?? null)) {
            return null;
        }
        try {
            return Offer::fromJson($taken[0], $taken[1]);
        } catch (JsonException|InvalidArgumentException $problem) {
            $this->decline($taken[0]);

            throw new Refusal('Something lies among the orders that is none.', previous: $problem);
        }
    }

    /**
     * Asks for what this machine is to make itself.
     *
     * @param  bool  $takes  whether it has it from now on where nobody else does; what another failed at it has
     * @return array{Standing, list<string>} where it stands, and the files that were made of it elsewhere
     *
     * @throws FarmUnreachable
     */
    public function claim(string $key, bool $takes = true): array
    {
        $answer = $this->link->script(self::CLAIM, [$this->who, self::HELD_MS, $key, (int) $takes]);
        if (! is_array($answer)) {
            return [match ($answer) {
                'others' => Standing::Others,
                'open' => Standing::Open,
                default => Standing::Own,
            }, []];
        }
        $files = json_decode(is_string($answer[0] ?? null) ? $answer[0] : '', true);
        // Seen once: what is not there then is made here.
        $this->link->ask('DEL', [$this->link->name("made:$key")]);

        return [Standing::Made, array_values(array_filter(is_array($files) ? $files : [], is_string(...)))];
    }

    /**
     * Says that this machine is still at it.
     *
     * @return bool whether it still has it
     *
     * @throws FarmUnreachable
     */
    public function beat(string $key): bool
    {
        return $this->link->script(self::BEAT, [$this->who, self::HELD_MS, $key]) === 1;
    }

    /**
     * Gives back what this machine has begun.
     *
     * @throws FarmUnreachable
     */
    public function leave(string $key): void
    {
        $this->link->script(self::LEAVE, [$this->who, $key]);
    }

    /**
     * Gives back what this machine cannot make, which is not given to it again for a while.
     *
     * @throws FarmUnreachable
     */
    public function decline(string $key, int $seconds = self::DECLINED_SECONDS): void
    {
        $name = $this->link->name("declined:$key");
        $this->link->ask('SADD', [$name, $this->machine]);
        $this->link->ask('EXPIRE', [$name, $seconds]);
        $this->leave($key);
    }

    /**
     * Tells that it was made.
     *
     * @param  list<string>  $files  below the root of the media disk; none where the main machine made it itself
     *
     * @throws FarmUnreachable
     * @throws JsonException
     */
    public function made(string $key, array $files): void
    {
        $told = $files === [] ? '' : json_encode($files, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES);
        $this->link->script(self::MADE, [$this->who, $key, $told, self::MADE_MS]);
    }

    /** What is joined with others is offered to those with the same tools, all else to those with the same code. */
    private function list(bool $isJoined): string
    {
        return $this->tools->code.':'.($isJoined ? $this->tools->print : 'any');
    }
}
