<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings\Type;

use Closure;
use RapidReel\Base\Refusal;

/** One of several, known by ids; what is written may be an id or a name, however it is spelled. */
final readonly class ChoiceType implements SettingType
{
    /**
     * @param  string  $what  "voice", as in “There is no voice …”
     * @param  non-empty-array<array-key, string>  $options  labels by id
     * @param  array<array-key, string>  $groups  heading by id, where the choice is long
     * @param  (Closure(string): (string|null))|null  $named  finds an id by other ways to write it
     * @param  bool  $isKept  whether one that is not there any more keeps its place
     */
    public function __construct(
        public string $what,
        public array $options,
        public array $groups = [],
        private ?Closure $named = null,
        private bool $isKept = false,
    ) {
    }

    public function stands(int|float|string $value): bool
    {
        return $this->isKept || isset($this->options[(string) $value]);
    }

    public function read(string $written): string
    {
        $plain = mb_strtolower(trim($written));
        foreach ($this->options as $id => $label) {
            if ($plain === mb_strtolower((string) $id) || $plain === mb_strtolower($label)) {
                return (string) $id;
            }
        }
        $named = $this->named === null ? null : ($this->named)(trim($written));
        if ($named !== null && isset($this->options[$named])) {
            return $named;
        }
        // What nobody would write, as the number of a piece or the hash of a picture, is told by its name.
        $all = [];
        foreach ($this->options as $id => $label) {
            $all[] = preg_match('/^(own-)?([0-9]+|[0-9a-f]{16,})$/', (string) $id) === 1 ? $label : (string) $id;
        }
        $some = array_slice($all, 0, 12);

        throw new Refusal(sprintf(
            'There is no %s “%s”. There are: %s%s.',
            $this->what,
            mb_strimwidth(trim($written), 0, 60, '…'),
            implode(', ', $some),
            count($all) > count($some) ? sprintf(' and %d more', count($all) - count($some)) : '',
        ));
    }

    public function says(int|float|string $value): string
    {
        return $this->options[(string) $value] ?? (string) $value;
    }

    public function toArray(): array
    {
        return ['type' => 'choice', 'options' => (object) $this->options];
    }
}
