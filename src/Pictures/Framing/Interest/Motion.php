<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing\Interest;

/** What motion in a picture says of where its subject is: it moves, it alone holds still, or nothing does either. */
final readonly class Motion
{
    private const MOVES = 1.0;

    private const STILL = 0.5;

    /** The middle, where nothing moves: whoever films something has it there. */
    private const MIDDLE = 0.15;

    private const MIDDLE_SPREAD = 0.2;

    /** Few sharp edges of a subject move most; its whole extent is wanted. */
    private const EVEN = 0.6;

    /**
     * @param  Profile  $left  motion that is left over when the camera's is taken off
     * @param  Profile  $still  what holds still where the rest moves, by cells
     * @param  float  $strength  how much motion there is, 0…1
     */
    public function __construct(public Profile $left, private Profile $still, private float $strength)
    {
    }

    /** @return list<float> what each column counts */
    public function across(): array
    {
        return $this->along($this->left->across, $this->still->across);
    }

    /** @return list<float> what each row counts */
    public function down(): array
    {
        return $this->along($this->left->down, $this->still->down);
    }

    /**
     * @param  list<float>  $left
     * @param  list<float>  $still
     * @return list<float>
     */
    private function along(array $left, array $still): array
    {
        $close = LeftOver::concentration($left);
        $even = array_map(static fn (float $value): float => $value ** self::EVEN, $left);
        $size = count($left);
        $cells = count($still);
        $moved = max(1e-9, array_sum($even));
        $held = max(1e-9, array_sum($still) * $size / $cells);
        $sum = [];
        foreach (Profile::bell($size, $size / 2, self::MIDDLE_SPREAD * $size) as $i => $middle) {
            $sum[] = self::MOVES * $this->strength * $close * $even[$i] / $moved
                + self::STILL * $this->strength * (1 - $close) * $still[intdiv($i * $cells, $size)] / $held
                + self::MIDDLE * (1 - $this->strength) * $middle;
        }

        return $sum;
    }
}
