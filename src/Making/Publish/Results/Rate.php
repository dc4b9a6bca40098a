<?php

declare(strict_types=1);

namespace RapidReel\Making\Publish\Results;

use RapidReel\Base\Refusal;

/** What an outlet pays for a thousand views. In millionths of a currency, as sums of many small ones must add up. */
final readonly class Rate
{
    private const MILLIONTHS = 1_000_000;

    private const MOST = 10_000;

    /** @param  int  $millionths  for 1,000 views */
    public function __construct(
        public int $millionths,
        public string $currency = 'USD',
    ) {
    }

    /** @throws Refusal */
    public static function read(string $written, string $currency): self
    {
        $plain = str_replace([',', ' ', "\u{00a0}"], ['.', '', ''], trim($written));
        if (preg_match('/^\d{1,5}(?:\.\d{1,6})?$/D', $plain) !== 1 || (float) $plain > self::MOST) {
            throw new Refusal(sprintf(
                '“%s” is not a rate. It is what 1,000 views bring, such as 0.50.', mb_strimwidth($written, 0, 20, '…'),
            ));
        }
        if (preg_match('/^[A-Z]{3}$/D', $currency) !== 1) {
            throw new Refusal('A currency is three letters, such as USD or EUR (ISO 4217).');
        }

        return new self((int) round(self::MILLIONTHS * (float) $plain), $currency);
    }

    /** @return int millionths of the currency; earnings = views ÷ 1,000 × rate (common practice) */
    public function earned(int $views): int
    {
        return intdiv($views, 1_000) * $this->millionths + intdiv($views % 1_000 * $this->millionths, 1_000);
    }

    public static function says(int $millionths, string $currency): string
    {
        return trim($currency.' '.number_format($millionths / self::MILLIONTHS, 2));
    }

    public function written(): string
    {
        return rtrim(rtrim(number_format($this->millionths / self::MILLIONTHS, 6, '.', ''), '0'), '.') ?: '0';
    }
}
