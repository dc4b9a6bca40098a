<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings\Type;

use RapidReel\Base\Refusal;
use RapidReel\Base\Target\Target;
use RapidReel\Base\Values;
use ValueError;

/** Targets of a channel's own, as JSON: what each accepts, by its id. */
final readonly class TargetsType implements SettingType
{
    public const MOST = 40;

    /** @throws Refusal when that is none */
    public function read(string $written): string
    {
        $data = trim($written) === '' ? [] : json_decode($written, true, 8);
        if (! is_array($data)) {
            throw new Refusal(sprintf(
                'Own targets are JSON such as {"own-quay": {"label": "Quay", "side": 1080, …}}; “%s” is not.',
                mb_strimwidth(trim($written), 0, 40, '…'),
            ));
        }
        if (count($data) > self::MOST) {
            throw new Refusal(sprintf('A channel has at most %d targets of its own.', self::MOST));
        }
        $targets = [];
        foreach ($data as $id => $one) {
            if (! is_string($id) || preg_match('/^own-[a-z0-9-]{1,40}$/', $id) !== 1 || ! is_array($one)) {
                throw new Refusal('A target of a channel’s own has an id that begins with “own-”.');
            }
            try {
                $targets[$id] = Target::fromArray([...$one, 'id' => $id])->toArray();
            } catch (ValueError $problem) {
                throw new Refusal("The target “{$id}”: {$problem->getMessage()}", previous: $problem);
            }
        }

        return json_encode((object) $targets, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    /**
     * @param  string  $value  as `read()` gives it
     * @return array<string, Target> by id
     */
    public static function all(string $value): array
    {
        $data = $value === '' ? [] : json_decode($value, true, 8);
        $targets = [];
        foreach (is_array($data) ? $data : [] as $id => $one) {
            if (is_array($one)) {
                $targets[(string) $id] = Target::fromArray($one);
            }
        }

        return $targets;
    }

    /** @return array<string, Target> those that a channel's settings hold, by id */
    public static function in(Values $settings): array
    {
        return self::all((string) ($settings->own['own_targets'] ?? ''));
    }

    public function says(int|float|string $value): string
    {
        $count = count(self::all((string) $value));

        return $count === 1 ? '1 target' : "$count targets";
    }

    public function toArray(): array
    {
        return ['type' => 'targets', 'most' => self::MOST];
    }
}
