<?php

declare(strict_types=1);

namespace App\Media\Farm;

/** What one maker of a machine says of itself. */
final readonly class MakerReport
{
    /** The name of the machine that orders. */
    public const MAIN = 'main';

    /** Why one takes nothing that its keeper told to. */
    public const LEFT_OUT = 'It is told to make nothing.';

    /** A disk that makes each file wait so long is told as slow. */
    private const SLOW_MS = 1_000;

    /**
     * @param  string  $machine  name of its machine
     * @param  int  $number  which of that machine's makers it is
     * @param  string  $doing  what it is at, in words; empty where it waits
     * @param  string  $why  why it takes nothing; empty where it does
     * @param  int  $made  how much it has made since it began
     * @param  int  $diskMs  what the disk makes each file wait, in ms
     */
    public function __construct(
        public string $machine,
        public int $number,
        public Toolprint $tools,
        public string $doing = '',
        public string $why = '',
        public int $made = 0,
        public int $failed = 0,
        public int $diskMs = 0,
    ) {
    }

    /** What is wrong with the disk as it sees it; empty for nothing. */
    public function ofDisk(): string
    {
        return $this->diskMs < self::SLOW_MS ? '' : sprintf(
            'Its way to the media disk is slow: each file waits %.1f s.', $this->diskMs / 1000,
        );
    }

    public function id(): string
    {
        return "{$this->machine}/{$this->number}";
    }

    /** @return array<string, string|int> */
    public function toArray(): array
    {
        return [
            'machine' => $this->machine, 'number' => $this->number, 'code' => $this->tools->code,
            'print' => $this->tools->print, 'told' => $this->tools->told, 'doing' => $this->doing, 'why' => $this->why,
            'made' => $this->made, 'failed' => $this->failed, 'disk_ms' => $this->diskMs,
        ];
    }

    /** @param  array<array-key, mixed>  $data  as anybody may have written it there */
    public static function fromArray(array $data): self
    {
        $text = static fn (string $name): string => is_string($data[$name] ?? null)
            ? mb_substr(mb_scrub($data[$name]), 0, 200) : '';
        $number = static fn (string $name): int => is_int($data[$name] ?? null) ? $data[$name] : 0;

        return new self(
            $text('machine'), $number('number'), new Toolprint($text('code'), $text('print'), $text('told')),
            $text('doing'), $text('why'), $number('made'), $number('failed'), $number('disk_ms'),
        );
    }
}
