<?php

declare(strict_types=1);

namespace App\Desks\Outbox;

use App\Shelves\Levels\Registrar;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Short;
use RapidReel\Base\Refusal;
use RapidReel\Making\Publish\Results\Factor;
use RapidReel\Making\Publish\Schedule\WallClock;
use RapidReel\Text\Hook\HookShape;

/** What a short is in each factor by which shorts are compared: kept with its posting, as settings change later. */
final readonly class ShortTraits
{
    private const HOOK_WORDS = 9;

    public function __construct(
        private Resolver $resolver,
        private Registrar $registrar,
    ) {
    }

    /**
     * @param  int|null  $at  Unix time at which it is posted; null where nobody knows
     * @return array<string, list<string>> by factor
     *
     * @throws Refusal
     */
    public function of(Short $short, WallClock $clock, ?int $at): array
    {
        $settings = $this->resolver->short($short);
        $registry = $this->registrar->of($short->batch->channel);
        $says = static fn (string $key): array => [$registry->get($key)->type->says($settings->value($key))];
        $hook = trim($short->scenes->first()->text ?? '');
        $ms = $short->cutSummary()?->wholeMs();
        $moment = $at === null ? null : (new \DateTimeImmutable('@0'))->setTimestamp($at);
        $local = $moment === null ? '' : $clock->local($moment);

        return array_filter([
            Factor::Hook->value => $hook === '' ? [] : [implode(' ', array_slice(
                preg_split('/\s+/u', $hook) ?: [], 0, self::HOOK_WORDS,
            ))],
            Factor::HookShape->value => array_map(
                static fn (HookShape $shape): string => $shape->label(), HookShape::in($hook),
            ) ?: ['None of these'],
            Factor::Length->value => $ms === null ? [] : [Factor::band($ms)],
            Factor::Voice->value => $says('voice'),
            Factor::CaptionStyle->value => $says('caption_style'),
            Factor::Cadence->value => $says('cadence'),
            Factor::Music->value => $says('mood'),
            Factor::Hour->value => $local === '' ? [] : [substr($local, 11, 2).':00'],
            Factor::Day->value => $local === '' ? [] : [date('l', strtotime(substr($local, 0, 10)) ?: 0)],
        ]);
    }
}
