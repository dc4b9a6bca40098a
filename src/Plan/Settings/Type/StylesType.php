<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings\Type;

use RapidReel\Base\Refusal;
use RapidReel\Captions\Style\CaptionStyle;

/** Caption styles of an operator's own, as JSON: name and values by an id. */
final readonly class StylesType implements SettingType
{
    private const MOST = 40;

    public function read(string $written): string
    {
        $data = trim($written) === '' ? [] : json_decode($written, true, 8);
        if (! is_array($data)) {
            throw new Refusal(sprintf(
                'Own caption styles are JSON such as {"own-night": {"name": "Night", "values": {…}}}; “%s” is not.',
                mb_strimwidth(trim($written), 0, 40, '…'),
            ));
        }
        if (count($data) > self::MOST) {
            throw new Refusal(sprintf('A channel has at most %d caption styles of its own.', self::MOST));
        }
        $styles = [];
        foreach ($data as $id => $row) {
            $name = is_array($row) && is_string($row['name'] ?? null) ? trim($row['name']) : '';
            $values = is_array($row) && is_array($row['values'] ?? null) ? $row['values'] : null;
            if (! is_string($id) || preg_match('/^own-[a-z0-9-]{1,40}$/', $id) !== 1
                || $name === '' || mb_strlen($name) > 60 || $values === null) {
                throw new Refusal('Each caption style has a name of at most 60 letters, and values.');
            }
            $styles[$id] = ['name' => $name, 'values' => (new CaptionStyle)->with($values)->toArray()];
        }

        return json_encode((object) $styles, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    /**
     * @param  string  $value  as `read()` gives it
     * @return array<string, array{name: string, values: array<string, int|string>}> by id
     */
    public static function all(string $value): array
    {
        /** @var array<string, array{name: string, values: array<string, int|string>}>|null $styles */
        $styles = $value === '' ? [] : json_decode($value, true);

        return $styles ?? [];
    }

    public function says(int|float|string $value): string
    {
        $count = count(self::all((string) $value));

        return $count === 1 ? '1 style' : "$count styles";
    }

    public function toArray(): array
    {
        return ['type' => 'styles', 'most' => self::MOST];
    }
}
