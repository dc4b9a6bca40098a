<?php

declare(strict_types=1);

namespace RapidReel\Demo\Service;

/** How services fail, for whoever has to live with it: a share of all answers, in every way there is. */
enum Faults
{
    case Refuses;
    case ClosesInTheMiddle;
    case LosesTheAnswer;
    case AnswersNonsense;
    case TooMany;
    case Breaks;
    case Hangs;

    /** @param  float  $share  0…1 of all requests */
    public static function drawn(float $share): ?self
    {
        if (mt_rand() / mt_getrandmax() >= $share) {
            return null;
        }
        $all = self::cases();
        $one = $all[mt_rand(0, count($all) - 1)];

        // One that hangs takes longest by far; now and then is enough.
        return $one === self::Hangs && mt_rand(0, 3) > 0 ? self::Breaks : $one;
    }

    /** Whether what was asked for is done all the same. */
    public function isDone(): bool
    {
        return $this === self::LosesTheAnswer || $this === self::ClosesInTheMiddle || $this === self::Hangs;
    }
}
