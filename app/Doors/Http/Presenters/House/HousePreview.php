<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\House;

use App\Doors\Http\Presenters\Stage;
use App\Makers\Planning\LiveCaptions;
use App\Makers\Proofs\ProofDesk;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Logo;
use App\Shelves\Models\Short;
use RapidReel\Base\Refusal;
use RapidReel\Captions\Cue\Cue;
use RapidReel\Plan\Choice\LogoPlace;
use RapidReel\Plan\Cut\Cut;

/** A real short of a channel as the house style makes it: at its hook, in the middle and at its close. */
final readonly class HousePreview
{
    public function __construct(
        private LiveCaptions $captions,
        private ProofDesk $proofs,
    ) {
    }

    /**
     * @return array<string, mixed>|null what the page draws, its video null until it is made; null where nothing of the
     *                                   channel is planned yet
     */
    public function of(Channel $channel): ?array
    {
        $shorts = Short::query()->whereRelation('batch', 'channel_id', $channel->id);
        /** @var Short|null $short */
        $short = (clone $shorts)->whereNotNull('proof')->oldest('id')->first()
            ?? $shorts->has('kept')->whereNull('problem')->oldest('id')->first();
        if ($short === null) {
            return null;
        }
        try {
            $cut = $this->captions->of($short);
        } catch (Refusal) {
            return null;
        }
        $planned = $short->plannedCut() ?? $cut;
        $stage = Stage::of($short, $cut);

        return [
            'short' => $short->id,
            'name' => sprintf('%02d %s', $short->number, $short->title),
            'sheet' => route('sheet.show', $short),
            'shape' => [$stage->shape->width(), $stage->shape->height()],
            'moments' => array_map(
                static fn (int $ms): float => $ms / 1000,
                [self::near($cut, (int) min(1_400, $cut->found->hookMs / 2)), ...self::later($cut)],
            ),
            'seconds' => $cut->durationMs / 1000,
            'progress' => $planned->over->progress?->toArray(),
            'logo' => self::logo($channel, $planned),
            ...$stage->toArray(),
            'order' => route('proofs.order', $short),
            'problem' => $short->problem ?? $short->proof_problem,
            'working' => $short->problem === null && $short->proof_problem === null && ! $this->proofs->isShown($short),
        ];
    }

    /**
     * Where the logo stands, and where it may, in fractions of the frame.
     *
     * @return array<string, mixed>|null null where there is none
     */
    private static function logo(Channel $channel, Cut $cut): ?array
    {
        [$logo, $box] = [$cut->over->logo, $cut->logoBox()];
        $own = $logo === null ? null : Logo::at($channel)->where('picture', $logo->picture)->first();
        if ($logo === null || $box === null || $own === null) {
            return null;
        }
        $places = [];
        foreach (LogoPlace::cases() as $place) {
            $places[$place->value] = [0.5 + 0.36 * (2 * $place->across() - 1), $place->isTop() ? 0.14 : 0.78];
        }

        return [
            'picture' => route('logos.file', $own),
            'left' => $box[0], 'top' => $box[1], 'width' => $box[2],
            'height' => $box[2] * $logo->height / $logo->width * $cut->form->frame->aspect(),
            'place' => $logo->place->value,
            'places' => $places,
            'setting' => [
                'channel' => $channel->id, 'level' => 'channel', 'ids' => [$channel->id], 'key' => 'logo_place',
            ],
        ];
    }

    /** @return array{int, int} in the middle, and as the close begins to be read */
    private static function later(Cut $cut): array
    {
        $last = $cut->scenes[count($cut->scenes) - 1];

        return [
            self::near($cut, intdiv($cut->durationMs, 2)),
            self::near($cut, intdiv($last->startMs + $last->endMs, 2)),
        ];
    }

    /** A moment at which a caption stands, nearest to another. */
    private static function near(Cut $cut, int $ms): int
    {
        $best = $ms;
        $least = PHP_INT_MAX;
        foreach ($cut->cues as $cue) {
            $middle = self::middle($cue);
            if (abs($middle - $ms) < $least) {
                [$best, $least] = [$middle, abs($middle - $ms)];
            }
        }

        return $best;
    }

    private static function middle(Cue $cue): int
    {
        return intdiv($cue->startMs + $cue->endMs, 2);
    }
}
