<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Editing\CardEditor;
use App\Media\Artwork\CardPainter;
use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;
use App\Shelves\Models\Scene;
use App\Shelves\Models\Short;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use RapidReel\Captions\Card\Sticker;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Cards and stickers over a short. */
final class CardController extends Controller
{
    private const NUMBERS = ['offset', 'length', 'x', 'y', 'size', 'turn'];

    private const WORDS = ['kind', 'text', 'enter', 'leave', 'fill', 'plate'];

    public function store(Request $request, Scene $scene, int $word, CardEditor $editor): JsonResponse
    {
        $editor->add($scene, $word, $this->values($request));

        return response()->json(['said' => 'Put over the picture. Drag it to its place.']);
    }

    public function update(Request $request, Scene $scene, int $number, CardEditor $editor): JsonResponse
    {
        $editor->change($scene, $number, $this->values($request));

        return response()->json(['said' => 'Changed.']);
    }

    public function destroy(Scene $scene, int $number, CardEditor $editor): JsonResponse
    {
        $editor->drop($scene, $number);

        return response()->json(['said' => 'Removed.']);
    }

    /** The picture of a card that stands in the plan of a short. */
    public function picture(Short $short, string $key, MediaStore $store, KeptFiles $kept): BinaryFileResponse
    {
        foreach ($short->plannedCut()->over->cards ?? [] as $card) {
            if ($card->picture->key === $key) {
                abort_unless($kept->isSource($key), 404);

                return $this->media($store->source($key), 'image/png', 'card.png');
            }
        }
        abort(404);
    }

    /** The drawing of a sticker. */
    public function sticker(string $sticker, CardPainter $painter): Response
    {
        $found = Sticker::tryFrom($sticker) ?? abort(404);

        return response($painter->sticker($found, 'B3541E'), 200, [
            'Content-Type' => 'image/svg+xml', 'Content-Security-Policy' => "default-src 'none'; sandbox",
            'Cache-Control' => 'private, max-age=86400',
        ]);
    }

    /** @return array<string, int|string> what was sent */
    private function values(Request $request): array
    {
        $values = [];
        foreach ([...self::NUMBERS, ...self::WORDS] as $name) {
            if ($request->has($name)) {
                $values[$name] = in_array($name, self::NUMBERS, true)
                    ? $this->whole($request, $name)
                    : $this->text($request, $name);
            }
        }

        return $values;
    }
}
