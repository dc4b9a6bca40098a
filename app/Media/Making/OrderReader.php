<?php

declare(strict_types=1);

namespace App\Media\Making;

use ErrorException;
use InvalidArgumentException;
use JsonException;
use RapidReel\Base\Refusal;
use RapidReel\Making\Mix\MixPlan;
use RapidReel\Making\Order\Analysis;
use RapidReel\Making\Order\CardStill;
use RapidReel\Making\Order\Order;
use RapidReel\Making\Order\SpokenTake;
use RapidReel\Making\Order\TightTake;
use RapidReel\Making\Render\Recipe;
use TypeError;
use ValueError;

/** Reads orders that were written as JSON. */
final class OrderReader
{
    /** @throws Refusal when it is none */
    public static function read(string $json): Order
    {
        try {
            $data = json_decode($json, true, 64, JSON_THROW_ON_ERROR);

            return match (true) {
                is_array($data) && isset($data['mix']) => MixPlan::fromJson($json),
                is_array($data) && isset($data['analysis']) => Analysis::fromJson($json),
                is_array($data) && isset($data['speech']) => SpokenTake::fromJson($json),
                is_array($data) && isset($data['take']) => TightTake::fromJson($json),
                is_array($data) && isset($data['card']) => CardStill::fromJson($json),
                default => Recipe::fromJson($json),
            };
        } catch (JsonException|TypeError|ValueError|ErrorException|InvalidArgumentException $problem) {
            throw new Refusal(
                'That is no order of something to be made, as reel:short prints them.', previous: $problem,
            );
        }
    }
}
