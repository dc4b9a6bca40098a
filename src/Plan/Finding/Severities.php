<?php

declare(strict_types=1);

namespace RapidReel\Plan\Finding;

use RapidReel\Base\Refusal;

/** What becomes of a short for each kind of finding: as it is set, else as usual. */
final readonly class Severities
{
    /** @param  array<string, Severity>  $set  by the value of a kind: those that are not as usual */
    public function __construct(public array $set = [])
    {
    }

    /**
     * @param  string  $written  such as “too-long ignored, hook-late stops”
     *
     * @throws Refusal where it names what there is not
     */
    public static function read(string $written): self
    {
        $set = [];
        foreach (preg_split('/\s*[,;\n]\s*/u', trim($written)) ?: [] as $one) {
            if ($one === '') {
                continue;
            }
            [$name, $does] = array_pad(preg_split('/\s*[=:\s]\s*/u', mb_strtolower($one), 2) ?: [], 2, '');
            $kind = FindingKind::tryFrom($name);
            $severity = Severity::tryFrom($does);
            if ($kind === null) {
                throw new Refusal(sprintf(
                    'No kind of finding is called “%s”. There are: %s.',
                    mb_strimwidth($severity === null ? $one : $name, 0, 40, '…'),
                    implode(', ', array_column(FindingKind::cases(), 'value')),
                ));
            }
            if ($severity === null) {
                throw new Refusal(sprintf(
                    'A finding stops, warns or is ignored; “%s” is none of these. Write such as “%s stops”.',
                    mb_strimwidth($does, 0, 40, '…'), $name,
                ));
            }
            $set[$name] = $severity;
        }

        return new self(array_filter(
            $set,
            static fn (Severity $one, string $name): bool => $one !== FindingKind::from($name)->usual(),
            ARRAY_FILTER_USE_BOTH,
        ));
    }

    public function of(FindingKind $kind): Severity
    {
        return $this->set[$kind->value] ?? $kind->usual();
    }

    public function __toString(): string
    {
        $parts = [];
        foreach ($this->set as $kind => $severity) {
            $parts[] = "$kind {$severity->value}";
        }
        sort($parts);

        return implode(', ', $parts);
    }
}
