<?php

declare(strict_types=1);

namespace App\Desks\Editing;

use App\Makers\Planning\LiveFraming;
use App\Shelves\Models\Scene;
use Closure;
use RapidReel\Base\Refusal;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Framing\Path\Pin;
use RapidReel\Text\Script\SceneOwn;

/** Puts pins on the frame path of a shot and takes them away. */
final readonly class FramingEditor
{
    /** A pin that is put this near to another takes its place: ms. */
    private const NEAR_MS = 60;

    private const MOST = 60;

    public function __construct(
        private SceneEdits $scenes,
        private LiveFraming $framing,
    ) {
    }

    /** @throws Refusal */
    public function pin(Scene $scene, int $word, Pin $pin): void
    {
        $framed = $this->framing->of($scene, $word);
        if ($framed->footage->kind === FootageKind::Clip && $pin->ms >= $framed->footage->duration_ms) {
            throw new Refusal('A pin stands within the clip.');
        }
        $this->put($scene, $word, 'pinned the window', static fn (array $pins): array => [
            ...array_filter($pins, static fn (Pin $one): bool => abs($one->ms - $pin->ms) >= self::NEAR_MS),
            $pin,
        ]);
    }

    /** @throws Refusal */
    public function unpin(Scene $scene, int $word, int $ms): void
    {
        $this->put($scene, $word, 'deleted a pin', static fn (array $pins): array => array_filter(
            $pins,
            static fn (Pin $one): bool => $one->ms !== $ms,
        ));
    }

    /** @throws Refusal */
    public function free(Scene $scene, int $word): void
    {
        $this->put($scene, $word, 'deleted all pins', static fn (array $pins): array => []);
    }

    /**
     * @param  Closure(list<Pin>): array<Pin>  $change
     *
     * @throws Refusal
     */
    private function put(Scene $scene, int $word, string $what, Closure $change): void
    {
        $footage = (string) $this->framing->of($scene, $word)->footage->id;
        $this->scenes->own($scene, $what, static function (SceneOwn $own) use ($word, $footage, $change): SceneOwn {
            $shot = $own->shotAt($word);
            $pins = array_values($change($shot->pins));
            usort($pins, static fn (Pin $one, Pin $other): int => $one->ms <=> $other->ms);
            if (count($pins) > self::MOST) {
                throw new Refusal(sprintf('A shot takes %d pins at most.', self::MOST));
            }

            // What was only proposed is chosen now: pins mean this picture and no other.
            return $own->shot([
                ($shot->footage === null ? $shot->withFootage($footage) : $shot)->pinned($pins),
                ...$own->shots,
            ]);
        });
    }
}
