<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing\Interest;

use LogicException;
use RapidReel\Base\Colour\PictureColours;

/**
 * Takes the pictures of a clip one after the other, small, and finds where its interest lies at every moment: motion
 * that is left over when the camera's is taken off, what stands out by itself, and faces.
 */
final class InterestMeter
{
    private const STANDING = 0.5;

    private const FACES = 0.8;

    /** So many moments lie between two pictures that are compared. */
    private const APART = 3;

    /** What stands out by itself is looked at in each so many-th picture. */
    private const STANDING_EVERY = 2;

    /** Colours are taken from every so many-th picture, until there are enough. */
    private const COLOURS_EVERY = 12;

    private const MOST_PIXELS = 3_000;

    /** A face is believed for so many moments before and after it was seen. */
    private const FACE_HOLDS = 16;

    /** @var array<int, SmallPicture> */
    private array $pictures = [];

    /** @var array<int, LocalRange> */
    private array $ranges = [];

    /** @var array<int, Motion> */
    private array $motions = [];

    private readonly Stillness $stillness;

    /** @var array<int, Profile> */
    private array $standing = [];

    /** @var list<string> */
    private array $across = [];

    /** @var list<string> */
    private array $down = [];

    private int $moved = 0;

    /** @var list<array{int, int, int}> */
    private array $pixels = [];

    /** @var array<int, list<Face>> */
    private array $faces = [];

    /** @var array<int, array{int, int}> by how much all moved since the picture that is compared with each */
    private array $shifts = [];

    private int $count = 0;

    /** @var array<int, true> pictures that begin a shot */
    private array $begins = [0 => true];

    public function __construct()
    {
        $this->stillness = new Stillness;
    }

    /** @param  bool  $begins  whether it is the first of a shot: nothing before is compared with it */
    public function see(SmallPicture $picture, bool $begins = false): void
    {
        if ($begins) {
            $this->begins[$this->count] = true;
        }
        $this->pictures[$this->count] = $picture;
        $this->ranges[$this->count] = LocalRange::of($picture);
        $this->standing[$this->count] = $this->count % self::STANDING_EVERY === 0 || $begins
            ? Standing::in($picture)
            : $this->standing[$this->count - 1];
        if ($this->count % self::COLOURS_EVERY === 0 && count($this->pixels) < self::MOST_PIXELS) {
            array_push($this->pixels, ...$picture->someColours());
        }
        $this->count++;
        while ($this->moved < $this->count - self::APART) {
            $this->move($this->moved);
        }
        while (count($this->across) < $this->count - self::FACE_HOLDS) {
            $this->settle(count($this->across));
        }
    }

    /** @param  list<Face>  $faces  those of the picture seen last */
    public function seeFaces(array $faces): void
    {
        $this->faces[$this->count - 1] = $faces;
    }

    /**
     * @param  int  $width  of the source, as it is seen
     * @param  int  $height  of the source, as it is seen
     * @param  non-empty-list<int>  $shots  in ms
     */
    public function map(int $width, int $height, int $stepMs, array $shots = [0]): InterestMap
    {
        while ($this->moved < $this->count) {
            $this->move($this->moved);
        }
        while (count($this->across) < $this->count) {
            $this->settle(count($this->across));
        }
        if ($this->across === [] || $this->down === []) {
            throw new LogicException('Nothing was seen.');
        }

        return new InterestMap(
            $width,
            $height,
            $stepMs,
            $this->across,
            $this->down,
            $shots,
            PictureColours::of($this->pixels),
        );
    }

    /** What was found of a picture, summed, once nothing more can be found. */
    private function settle(int $number): void
    {
        $motion = $this->motions[$number];
        $standing = $this->standing[$number];
        $faces = $this->facesAt($number);
        $rows = count($motion->left->down);
        $this->across[] = self::bytes(self::sum($motion->across(), $standing->across, $faces, $rows, true));
        $this->down[] = self::bytes(self::sum($motion->down(), $standing->down, $faces, $rows, false));
        $long = $number - self::FACE_HOLDS - self::STANDING_EVERY;
        unset($this->motions[$number], $this->standing[$long], $this->faces[$long], $this->begins[$long]);
    }

    private function move(int $number): void
    {
        $now = $this->pictures[$number];
        $others = [];
        $before = $number - self::APART;
        if ($before >= 0 && ! $this->isCut($before, $number)) {
            $others[] = [$this->ranges[$before], $this->shifts[$number]];
        }
        $after = $number + self::APART;
        if (isset($this->pictures[$after]) && ! $this->isCut($number, $after)) {
            $shift = CameraShift::between($now, $this->pictures[$after], $this->shifts[$number] ?? [0, 0]);
            $others[] = [$this->ranges[$after], [-$shift[0], -$shift[1]]];
            $this->shifts[$after] = $shift;
        }
        $map = LeftOver::of($now, $others);
        $profile = Profile::of($map, $now->width, $now->height);
        $this->moved++;
        if (isset($this->begins[$number])) {
            $this->stillness->forget();
        }
        // Where the camera goes along with somebody, he holds still no more than all that is as far away.
        $this->stillness->see($map, $now->width, $now->height);
        $isStill = array_filter($others, static fn (array $other): bool => $other[1] !== [0, 0]) === [];
        $this->motions[$number] = new Motion(
            $profile,
            $isStill ? $this->stillness->profile() : Profile::empty(1, 1),
            LeftOver::strength($profile->down, $now->width),
        );
        unset($this->pictures[$before], $this->ranges[$before], $this->shifts[$before]);
    }

    private function isCut(int $from, int $to): bool
    {
        for ($number = $from + 1; $number <= $to; $number++) {
            if (isset($this->begins[$number])) {
                return true;
            }
        }

        return false;
    }

    /**
     * Faces that were seen shortly before or after, less the longer ago.
     *
     * @return list<array{Face, float}>
     */
    private function facesAt(int $number): array
    {
        $found = [];
        foreach ([-1, 1] as $direction) {
            for ($away = $direction === 1 ? 1 : 0; $away <= self::FACE_HOLDS; $away++) {
                $at = $number + $direction * $away;
                if ($this->isCut(min($at, $number), max($at, $number))) {
                    break;
                }
                if (($this->faces[$at] ?? []) !== []) {
                    foreach ($this->faces[$at] as $face) {
                        $found[] = [$face, 1 - $away / (self::FACE_HOLDS + 1)];
                    }

                    break;
                }
            }
        }

        return $found;
    }

    /**
     * @param  list<float>  $motion  of every column or row, with all that it counts
     * @param  list<float>  $standing
     * @param  list<array{Face, float}>  $faces
     * @return list<float>
     */
    private static function sum(array $motion, array $standing, array $faces, int $rows, bool $isAcross): array
    {
        $size = count($motion);
        $stood = array_sum($standing);
        $sum = [];
        foreach ($motion as $i => $value) {
            // What stands out was looked at at half the size.
            $sum[] = $value + ($stood > 0 ? self::STANDING * ($standing[$i >> 1] ?? 0.0) / 2 / $stood : 0.0);
        }
        $all = array_sum(array_column($faces, 1));
        foreach ($faces as [$face, $weight]) {
            $middle = ($isAcross ? $face->x : $face->y) * $size;
            $spread = max(1.0, $face->side * $rows / 3);
            foreach (Profile::bell($size, $middle, $spread) as $i => $value) {
                $sum[$i] += self::FACES * $weight / max(1.0, $all) * $value;
            }
        }

        return array_values($sum);
    }

    /** @param  list<float>  $profile */
    private static function bytes(array $profile): string
    {
        $most = $profile === [] ? 0 : max($profile);
        $bytes = '';
        foreach ($profile as $value) {
            $bytes .= chr($most > 0 ? (int) round(255 * $value / $most) : 0);
        }

        return $bytes;
    }
}
