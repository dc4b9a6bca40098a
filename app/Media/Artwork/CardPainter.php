<?php

declare(strict_types=1);

namespace App\Media\Artwork;

use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;
use App\Media\Store\DamagedPart;
use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use GdImage;
use Illuminate\Support\Facades\File;
use RapidReel\Base\FrameShape;
use RapidReel\Base\Refusal;
use RapidReel\Base\Target\Frame;
use RapidReel\Base\Typeface\TypefaceSet;
use RapidReel\Captions\Card\CardDesign;
use RapidReel\Captions\Card\CardPicture;
use RapidReel\Captions\Card\Sticker;
use RapidReel\Captions\Cue\Cue;
use RapidReel\Captions\Cue\CueWord;
use RapidReel\Captions\Drawing\AssWriter;
use RapidReel\Captions\Style\CaptionStyle;
use RapidReel\Captions\Typesetting\BreakCosts;
use RapidReel\Captions\Typesetting\Joints;
use RapidReel\Captions\Typesetting\Setter;
use RapidReel\Making\Order\CardStill;
use RuntimeException;
use Symfony\Component\Process\Process;

/**
 * Draws cards: letters set and drawn as captions are, stickers from their drawings. A picture is kept where renderers
 * look for pictures; a note under the key of the order tells which it is.
 */
final readonly class CardPainter
{
    /** Letters are no larger, and no smaller, than captions may be. */
    private const LETTERS = [24, 220];

    /** Around the letters, in parts of the height of a capital. */
    private const ROOM = 0.42;

    /** What stands in a badge is so much of it wide, a letter and more. */
    private const BADGE = [0.26, 0.5];

    /** A line has about so many letters. */
    private const LINE = 20;

    /** @param  string  $drawings  folder with those of the stickers */
    public function __construct(
        private MediaStore $store,
        private KeptFiles $kept,
        private TypefaceBook $faces,
        private MediaTools $tools,
        private string $svg,
        private string $drawings,
    ) {
    }

    /** @throws StrangePlace */
    public function file(CardStill $order): string
    {
        return $this->store->keyed('cards', $order->key(), 'json');
    }

    /** @throws StrangePlace */
    public function isThere(CardStill $order): bool
    {
        return $this->known($order) !== null;
    }

    /**
     * What was drawn before.
     *
     * @throws StrangePlace
     */
    public function known(CardStill $order): ?CardPicture
    {
        $place = $this->file($order);
        if (! $this->kept->isRight($place)) {
            return null;
        }
        /** @var array{string, int, int} $known */
        $known = json_decode((string) file_get_contents($place), true, 4, JSON_THROW_ON_ERROR);

        return $this->kept->isSource($known[0]) ? new CardPicture(...$known) : null;
    }

    /**
     * @return bool whether it was drawn by this call
     *
     * @throws StrangePlace
     * @throws ToolFailed
     * @throws Refusal where there is nothing to draw
     */
    public function paint(CardStill $order): bool
    {
        if ($this->isThere($order)) {
            return false;
        }
        $look = $order->look;
        $sticker = $look->sticker();
        if ($look->text === '' && $sticker === null) {
            throw new Refusal('A card without words and without a sticker shows nothing.');
        }
        $folder = $this->store->workFolder();
        try {
            $image = $this->turned($sticker === null
                ? $this->written($look, $order->shape, $folder)
                : $this->drawn($sticker, $look, $order->shape, $folder), $look->turn);
            imagepng($image, "$folder/card.png", 6);
            $key = (string) hash_file('xxh128', "$folder/card.png");
            $this->store->publish("$folder/card.png", $this->store->source($key));
            $this->store->write("$folder/card.json", json_encode(
                [$key, imagesx($image), imagesy($image)], JSON_THROW_ON_ERROR,
            ));
            $this->kept->put("$folder/card.json", $this->file($order));
        } finally {
            $this->store->discard($folder);
        }

        return true;
    }

    /** The drawing of a sticker in a colour, as SVG. */
    public function sticker(Sticker $sticker, string $fill): string
    {
        return str_replace('currentColor', "#$fill", File::get("{$this->drawings}/{$sticker->value}.svg"));
    }

    /**
     * @throws ToolFailed
     * @throws Refusal
     */
    private function drawn(Sticker $sticker, CardDesign $look, FrameShape $shape, string $folder): GdImage
    {
        $width = max(4, (int) round($look->size * $shape->width() / 1000));
        $process = new Process(
            [$this->svg, '--format', 'png', '--width', (string) $width, '--keep-aspect-ratio'],
            input: $this->sticker($sticker, $look->fill), timeout: 20,
        );
        $image = imagecreatefromstring($process->mustRun()->getOutput());
        if ($image === false) {
            throw new RuntimeException('A sticker could not be drawn.');
        }
        imagesavealpha($image, true);
        if ($sticker === Sticker::Badge && $look->text !== '') {
            $plate = $look->plate === '' ? '14202B' : $look->plate;
            $part = self::BADGE[mb_strlen($look->text) > 1 ? 1 : 0] * $width * 1000 / $shape->width();
            $inside = new CardDesign('text', $look->text, $look->face, $plate, '', max(10, (int) round($part)), 0);
            $text = $this->written($inside, $shape, $folder, true);
            imagecopy(
                $image, $text, intdiv(imagesx($image) - imagesx($text), 2), intdiv(imagesy($image) - imagesy($text), 2),
                0, 0, imagesx($text), imagesy($text),
            );
        }

        return $image;
    }

    /**
     * Letters as wide as they are to be, as far as they get no taller than letters may.
     *
     * @throws ToolFailed
     * @throws DamagedPart
     * @throws Refusal
     */
    private function written(CardDesign $look, FrameShape $shape, string $folder, bool $isBare = false): GdImage
    {
        $this->faces->ask([$look->face]);
        $faces = $this->faces->set([$look->face]);
        $width = $look->size * $shape->width() / 1000;
        $style = $this->style($look, 96, $isBare);
        $cue = $this->cue($look, $shape, $style, $faces, []);
        [$left, , $right] = $cue->setting->box;
        $room = $look->plate === '' ? 0.0 : 2 * self::ROOM;
        // What is around letters grows with them.
        $part = $width / ($right - $left + $room * $style->type->size * $cue->setting->scale);
        $size = (int) round(max(self::LETTERS[0], min(self::LETTERS[1], 96 * $cue->setting->scale * $part)) / 2) * 2;
        $style = $this->style($look, $size, $isBare);
        $cue = $this->cue($look, $shape, $style, $faces, $cue->setting->lines);
        [$left, $top, $right, $bottom] = $cue->setting->box;
        // Ascenders are taller than capitals.
        $around = (int) ceil($look->plate === '' ? $style->paint->outline + 4 + 0.35 * $size : $style->plate->room + 2);
        $script = AssWriter::write([$cue], 30, 0, 0, 30);
        $this->store->write("$folder/card.ass", $script->ass);
        $this->faces->lay($script->faces, "$folder/faces");
        // Letters begin off the frame's left where they are wider than its safe area: all of it is drawn, then cut.
        [$x, $y] = [max(0, (int) floor($left) - $around), max(0, (int) floor($top) - $around)];
        $this->tools->run([
            '-loglevel', 'error', '-f', 'lavfi', '-i',
            "color=c=black@0:s={$shape->width()}x{$shape->height()}:r=30:d=0.1,format=rgba", '-vf',
            sprintf(
                'ass=card.ass:fontsdir=faces:alpha=1,crop=%d:%d:%d:%d',
                min($shape->width() - $x, (int) ceil($right) + $around - $x),
                min($shape->height() - $y, (int) ceil($bottom) + $around - $y),
                $x, $y,
            ),
            '-frames:v', '1', '-pix_fmt', 'rgba', 'drawn.png',
        ], 'Drawing a card', $folder);
        $image = imagecreatefrompng("$folder/drawn.png");

        if ($image === false) {
            throw new RuntimeException('A card could not be drawn.');
        }
        imagesavealpha($image, true);

        return $image;
    }

    private function style(CardDesign $look, int $size, bool $isBare): CaptionStyle
    {
        $outline = $look->plate !== '' || $isBare ? 0 : max(2, min(24, (int) round($size / 11)));
        $lines = max(1, min(4, (int) ceil(mb_strlen($look->text) / self::LINE)));
        $room = min(60, 2 * (int) round($size * self::ROOM / 2));

        return CaptionStyle::of(
            face: $look->face, size: $size, case: 'written', lines: $lines, least: 20, fill: $look->fill,
            outline: $outline, shadow: 0,
            outlineColour: '14202B', plate: $look->plate === '' ? 'none' : 'words',
            plateColour: $look->plate === '' ? '14202B' : $look->plate, plateOpacity: 100, plateRoom: $room,
            plateRound: min(60, 2 * (int) round($size / 8)), spokenColour: $look->fill, height: 50,
        );
    }

    /** @param  list<int>  $lines  words of each, where they are known */
    private function cue(
        CardDesign $look, FrameShape $shape, CaptionStyle $style, TypefaceSet $faces, array $lines,
    ): Cue {
        $words = array_map(
            static fn (string $word): CueWord => new CueWord($word, 0, 1_000),
            array_values(array_filter(explode(' ', $look->text), static fn (string $one): bool => $one !== '')),
        );
        $words = $words === [] ? [new CueWord('–', 0, 1_000)] : $words;

        $setter = new Setter($faces, new Frame($shape), $style, new BreakCosts(Joints::of('')));

        return new Cue(0, 1_000, $words, $setter->set($words, $lines), $style);
    }

    private function turned(GdImage $image, int $turn): GdImage
    {
        if ($turn % 360 === 0) {
            return $image;
        }
        imagealphablending($image, false);
        $turned = imagerotate($image, -$turn, (int) imagecolorallocatealpha($image, 0, 0, 0, 127));
        if ($turned === false) {
            return $image;
        }
        imagesavealpha($turned, true);

        return $turned;
    }
}
