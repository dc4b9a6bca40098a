<?php

declare(strict_types=1);

namespace RapidReel\Voice\Align;

use InvalidArgumentException;

/**
 * The power spectrum of real signals whose length is twice a power of four (512 here): a complex transform of half the
 * length in steps of four (J. Cooley and J. Tukey, 1965; radix 4), then the two halves taken apart.
 */
final class Fft
{
    private readonly int $half;

    /** @var list<int> where each input goes: its base-4 digits in reverse */
    private readonly array $order;

    /** @var list<float> */
    private readonly array $cosine;

    /** @var list<float> */
    private readonly array $sine;

    /** @throws InvalidArgumentException when the length is not twice a power of four */
    public function __construct(public readonly int $length)
    {
        $half = intdiv($length, 2);
        $digits = 0;
        for ($rest = $half; $rest > 1 && $rest % 4 === 0; $rest = intdiv($rest, 4)) {
            $digits++;
        }
        if ($digits === 0 || 4 ** $digits !== $half || $length !== 2 * $half) {
            throw new InvalidArgumentException("A transform of $length points is not provided for.");
        }
        $order = [];
        for ($i = 0; $i < $half; $i++) {
            $reversed = 0;
            for ($digit = 0, $rest = $i; $digit < $digits; $digit++, $rest >>= 2) {
                $reversed = ($reversed << 2) | ($rest & 3);
            }
            $order[] = $reversed;
        }
        [$cosine, $sine] = [[], []];
        for ($i = 0; $i < $length; $i++) {
            $cosine[] = cos(2 * M_PI * $i / $length);
            $sine[] = sin(2 * M_PI * $i / $length);
        }
        [$this->half, $this->order, $this->cosine, $this->sine] = [$half, $order, $cosine, $sine];
    }

    /**
     * @param  list<float>  $signal  as long as the transform
     * @return list<float> the squared magnitude of every frequency from 0 to half the length
     */
    public function power(array $signal): array
    {
        $half = $this->half;
        $cosine = $this->cosine;
        $sine = $this->sine;
        $re = [];
        $im = [];
        // Even samples are the real part, odd ones the imaginary part.
        foreach ($this->order as $from) {
            $re[] = $signal[2 * $from];
            $im[] = $signal[2 * $from + 1];
        }
        // The first round turns nothing.
        for ($a = 0; $a < $half; $a += 4) {
            $sumRe = $re[$a] + $re[$a + 2];
            $sumIm = $im[$a] + $im[$a + 2];
            $difRe = $re[$a] - $re[$a + 2];
            $difIm = $im[$a] - $im[$a + 2];
            $bdRe = $re[$a + 1] + $re[$a + 3];
            $bdIm = $im[$a + 1] + $im[$a + 3];
            $turnRe = $im[$a + 1] - $im[$a + 3];
            $turnIm = $re[$a + 3] - $re[$a + 1];
            $re[$a] = $sumRe + $bdRe;
            $im[$a] = $sumIm + $bdIm;
            $re[$a + 1] = $difRe + $turnRe;
            $im[$a + 1] = $difIm + $turnIm;
            $re[$a + 2] = $sumRe - $bdRe;
            $im[$a + 2] = $sumIm - $bdIm;
            $re[$a + 3] = $difRe - $turnRe;
            $im[$a + 3] = $difIm - $turnIm;
        }
        for ($quarter = 4; $quarter < $half; $quarter *= 4) {
            $stride = intdiv($this->length, 4 * $quarter);
            for ($k = 0; $k < $quarter; $k++) {
                $w = $k * $stride;
                $c1 = $cosine[$w];
                $s1 = $sine[$w];
                $c2 = $cosine[2 * $w];
                $s2 = $sine[2 * $w];
                $c3 = $cosine[3 * $w];
                $s3 = $sine[3 * $w];
                for ($a = $k; $a < $half; $a += 4 * $quarter) {
                    $b = $a + $quarter;
                    $c = $b + $quarter;
                    $d = $c + $quarter;
                    $bRe = $re[$b] * $c1 + $im[$b] * $s1;
                    $bIm = $im[$b] * $c1 - $re[$b] * $s1;
                    $cRe = $re[$c] * $c2 + $im[$c] * $s2;
                    $cIm = $im[$c] * $c2 - $re[$c] * $s2;
                    $dRe = $re[$d] * $c3 + $im[$d] * $s3;
                    $dIm = $im[$d] * $c3 - $re[$d] * $s3;
                    $sumRe = $re[$a] + $cRe;
                    $sumIm = $im[$a] + $cIm;
                    $difRe = $re[$a] - $cRe;
                    $difIm = $im[$a] - $cIm;
                    $bdRe = $bRe + $dRe;
                    $bdIm = $bIm + $dIm;
                    $turnRe = $bIm - $dIm;
                    $turnIm = $dRe - $bRe;
                    $re[$a] = $sumRe + $bdRe;
                    $im[$a] = $sumIm + $bdIm;
                    $re[$b] = $difRe + $turnRe;
                    $im[$b] = $difIm + $turnIm;
                    $re[$c] = $sumRe - $bdRe;
                    $im[$c] = $sumIm - $bdIm;
                    $re[$d] = $difRe - $turnRe;
                    $im[$d] = $difIm - $turnIm;
                }
            }
        }
        $power = [($re[0] + $im[0]) ** 2];
        for ($k = 1; $k < $half; $k++) {
            $other = $half - $k;
            $evenRe = 0.5 * ($re[$k] + $re[$other]);
            $evenIm = 0.5 * ($im[$k] - $im[$other]);
            $oddRe = 0.5 * ($im[$k] + $im[$other]);
            $oddIm = 0.5 * ($re[$other] - $re[$k]);
            $x = $evenRe + $oddRe * $cosine[$k] + $oddIm * $sine[$k];
            $y = $evenIm + $oddIm * $cosine[$k] - $oddRe * $sine[$k];
            $power[] = $x * $x + $y * $y;
        }
        $power[] = ($re[0] - $im[0]) ** 2;

        return $power;
    }
}
