<?php

declare(strict_types=1);

namespace App\Media\Farm;

use JsonException;

/** The machines that make: who is there, at what, how fast, and what they failed at. */
final readonly class Roll
{
    /** As long as nobody has to speak to be there. */
    private const THERE_MS = 20_000;

    private const MOST_FAILURES = 60;

    private const KEPT_SECONDS = 7 * 86_400;

    public function __construct(private FarmLink $link)
    {
    }

    /**
     * Says that a maker is there.
     *
     * @throws FarmUnreachable
     * @throws JsonException
     */
    public function answer(MakerReport $report): void
    {
        $id = $report->id();
        $this->link->ask('SET', [
            $this->link->name("maker:$id"), json_encode($report->toArray(), JSON_THROW_ON_ERROR), 'PX', self::THERE_MS,
        ]);
        $this->link->ask('SADD', [$this->link->name('makers'), $id]);
    }

    /**
     * @return list<MakerReport> of all that are there, by machine
     *
     * @throws FarmUnreachable
     */
    public function makers(): array
    {
        $ids = $this->link->ask('SMEMBERS', [$this->link->name('makers')]);
        $ids = is_array($ids) ? array_values(array_filter($ids, is_string(...))) : [];
        sort($ids);
        $said = $ids === [] ? [] : $this->link->ask(
            'MGET', array_map(fn (string $id): string => $this->link->name("maker:$id"), $ids),
        );
        $found = [];
        foreach ($ids as $i => $id) {
            $one = is_array($said) && is_string($said[$i] ?? null) ? json_decode($said[$i], true) : null;
            if (is_array($one)) {
                $found[] = MakerReport::fromArray($one);
            } else {
                $this->link->ask('SREM', [$this->link->name('makers'), $id]);
            }
        }

        return $found;
    }

    /**
     * Whether there is one beside the main machine that makes what becomes part of files of its.
     *
     * @throws FarmUnreachable
     */
    public function hasHelpers(Toolprint $tools): bool
    {
        foreach ($this->makers() as $maker) {
            if (
                $maker->machine !== MakerReport::MAIN && $maker->why === '' && $maker->tools->code === $tools->code
                && $maker->tools->print === $tools->print
            ) {
                return true;
            }
        }

        return false;
    }

    /** @throws FarmUnreachable */
    public function leaves(string $id): void
    {
        $this->link->ask('DEL', [$this->link->name("maker:$id")]);
        $this->link->ask('SREM', [$this->link->name('makers'), $id]);
    }

    /**
     * Counts what a machine has made, and in which time.
     *
     * @throws FarmUnreachable
     */
    public function worked(string $machine, int $pixels, float $seconds): void
    {
        $list = $this->link->name('speeds');
        $this->link->ask('HINCRBYFLOAT', [$list, "$machine pixels", $pixels]);
        $this->link->ask('HINCRBYFLOAT', [$list, "$machine seconds", sprintf('%.3F', $seconds)]);
        $this->link->ask('EXPIRE', [$list, self::KEPT_SECONDS]);
    }

    /**
     * @return array<string, float> millions of pixels that one of its makers makes in a second, by machine
     *
     * @throws FarmUnreachable
     */
    public function speeds(): array
    {
        $said = $this->link->ask('HGETALL', [$this->link->name('speeds')]);
        $speeds = [];
        foreach (is_array($said) ? $said : [] as $name => $pixels) {
            $machine = preg_match('/^(.+) pixels$/D', (string) $name, $found) === 1 ? $found[1] : '';
            $seconds = $said["$machine seconds"] ?? 0;
            if (is_numeric($pixels) && is_numeric($seconds) && (float) $seconds > 0.0) {
                $speeds[$machine] = (float) $pixels / (float) $seconds / 1e6;
            }
        }

        return $speeds;
    }

    /**
     * @throws FarmUnreachable
     * @throws JsonException
     */
    public function failed(string $machine, string $what, string $why): void
    {
        $name = $this->link->name('failures');
        $this->link->ask('LPUSH', [
            $name,
            json_encode(
                ['machine' => $machine, 'what' => $what, 'why' => mb_substr(mb_scrub($why), 0, 300)],
                JSON_THROW_ON_ERROR,
            ),
        ]);
        $this->link->ask('LTRIM', [$name, 0, self::MOST_FAILURES - 1]);
        $this->link->ask('EXPIRE', [$name, self::KEPT_SECONDS]);
    }

    /**
     * @return list<array{machine: string, what: string, why: string}> the last first
     *
     * @throws FarmUnreachable
     */
    public function failures(): array
    {
        $said = $this->link->ask('LRANGE', [$this->link->name('failures'), 0, self::MOST_FAILURES - 1]);
        $found = [];
        foreach (is_array($said) ? $said : [] as $one) {
            $one = is_string($one) ? json_decode($one, true) : null;
            if (is_array($one)) {
                $found[] = [
                    'machine' => self::text($one['machine'] ?? null), 'what' => self::text($one['what'] ?? null),
                    'why' => self::text($one['why'] ?? null),
                ];
            }
        }

        return $found;
    }

    /**
     * Machines that are to make nothing.
     *
     * @param  list<string>  $names
     *
     * @throws FarmUnreachable
     */
    public function leaveOut(array $names): void
    {
        $list = $this->link->name('left-out');
        $this->link->ask('DEL', [$list]);
        $names === [] || $this->link->ask('SADD', [$list, ...$names]);
    }

    /** @throws FarmUnreachable */
    public function isLeftOut(string $machine): bool
    {
        return $this->link->ask('SISMEMBER', [$this->link->name('left-out'), $machine]) === 1;
    }

    /**
     * What the main machine makes with, for others to compare themselves.
     *
     * @throws FarmUnreachable
     * @throws JsonException
     */
    public function tell(Toolprint $tools): void
    {
        $this->link->ask('SET', [
            $this->link->name('main'), json_encode([$tools->code, $tools->print], JSON_THROW_ON_ERROR),
        ]);
    }

    /**
     * @return array{string, string}|null code and print of the main machine; null while it has not told
     *
     * @throws FarmUnreachable
     */
    public function main(): ?array
    {
        $said = $this->link->ask('GET', [$this->link->name('main')]);
        $said = is_string($said) ? json_decode($said, true) : null;

        return is_array($said) && is_string($said[0] ?? null) && is_string($said[1] ?? null)
            ? [$said[0], $said[1]] : null;
    }

    private static function text(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }
}
