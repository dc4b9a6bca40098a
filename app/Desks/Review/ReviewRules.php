<?php

declare(strict_types=1);

namespace App\Desks\Review;

use App\Desks\Editing\SettingsDesk;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Channel;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Finding\FindingKind;
use RapidReel\Plan\Finding\Severities;
use RapidReel\Plan\Settings\Level;

/** What stops a channel's shorts, what warns and what is ignored: settings like others, set together. */
final readonly class ReviewRules
{
    public function __construct(
        private SettingsDesk $settings,
        private Resolver $resolver,
    ) {
    }

    /** @throws Refusal */
    public function severities(Channel $channel): Severities
    {
        return Severities::read($this->resolver->channel($channel)->text('severities'));
    }

    /** @throws Refusal */
    public function forbidden(Channel $channel): string
    {
        return $this->resolver->channel($channel)->text('forbidden');
    }

    /**
     * @param  array<string, string>  $chosen  severity by kind; what is missing is as usual
     *
     * @throws Refusal
     */
    public function keep(Channel $channel, array $chosen, string $forbidden): void
    {
        $written = [];
        foreach (FindingKind::cases() as $kind) {
            $severity = $chosen[$kind->value] ?? '';
            if ($severity !== '') {
                $written[] = "{$kind->value} $severity";
            }
        }
        // Nothing is set where one of both cannot be.
        $severities = (string) Severities::read(implode(', ', $written));
        foreach (['forbidden' => $forbidden, 'severities' => $severities] as $key => $value) {
            if ($value !== $this->resolver->channel($channel)->text($key)) {
                $this->settings->set($channel, Level::Channel, [$channel->id], $key, $value);
                $channel->refresh();
            }
        }
    }
}
