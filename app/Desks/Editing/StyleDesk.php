<?php

declare(strict_types=1);

namespace App\Desks\Editing;

use App\Shelves\Levels\Registrar;
use App\Shelves\Models\Channel;
use Illuminate\Support\Str;
use RapidReel\Base\Refusal;
use RapidReel\Captions\Style\CaptionStyle;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\Type\StylesType;

/** Caption styles of a channel's own: they are a setting of the channel, kept and undone like every other. */
final readonly class StyleDesk
{
    public function __construct(
        private SettingsDesk $settings,
        private Registrar $registrar,
    ) {
    }

    /** @return array<string, array{name: string, values: array<string, int|string>}> by id */
    public static function of(Channel $channel): array
    {
        return StylesType::all((string) ($channel->settings->own['caption_styles'] ?? ''));
    }

    /**
     * Keeps a style under a name; one of that name is replaced, and what is set in it follows.
     *
     * @throws Refusal
     */
    public function keep(Channel $channel, string $name, CaptionStyle $style): string
    {
        $name = trim((string) preg_replace('/\s+/u', ' ', mb_scrub($name)));
        $slug = Str::limit(Str::slug($name), 36, '');
        if ($name === '' || mb_strlen($name) > 60) {
            throw new Refusal('A style needs a name of at most 60 letters.');
        }
        $id = 'own-'.($slug !== '' ? $slug : substr(hash('xxh32', $name), 0, 8));
        $this->put($channel, [...self::of($channel), $id => ['name' => $name, 'values' => $style->toArray()]]);

        return $id;
    }

    /** @throws Refusal */
    public function drop(Channel $channel, string $id): void
    {
        $styles = self::of($channel);
        if (! isset($styles[$id])) {
            throw new Refusal('This style is no longer there.');
        }
        unset($styles[$id]);
        $this->put($channel, $styles);
    }

    /**
     * @param  array<string, array{name: string, values: array<string, int|string>}>  $styles
     *
     * @throws Refusal
     */
    private function put(Channel $channel, array $styles): void
    {
        $this->settings->set(
            $channel,
            Level::Channel,
            [$channel->id],
            'caption_styles',
            json_encode((object) $styles, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
        );
        $this->registrar->forget();
    }
}
