<?php

declare(strict_types=1);

namespace App\Desks\Outbox;

use App\Desks\Exporting\ExportArchive;
use App\Ground\Work\HandedBack;
use App\Media\Making\OrderedCards;
use App\Media\Probing\CoverFrames;
use App\Media\Probing\FramePictures;
use App\Media\Process\ToolFailed;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Export;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\Post;
use App\Shelves\Models\Short;
use GdImage;
use RapidReel\Base\FrameShape;
use RapidReel\Base\Refusal;
use RapidReel\Captions\Card\CardDesign;
use RapidReel\Captions\Cue\Cue;
use RapidReel\Captions\Marks\CardMark;
use RapidReel\Captions\Style\Appearance;
use RapidReel\Making\Publish\Cover\CoverChooser;
use RapidReel\Making\Publish\Cover\ScoredCover;

/** The picture that a short is known by at an outlet: proposed, chosen, with a card over it. */
final readonly class Covers
{
    public const MOST_TEXT = 80;

    /** In the place of a moment: the outlet takes one of its own. */
    public const NONE = -1;

    private const QUALITY = 90;

    /** A card is so many thousandths of the frame wide, and its middle stands so far down. */
    private const CARD = 820;

    private const CARD_DOWN = 0.42;

    public function __construct(
        private CoverFrames $frames,
        private FramePictures $pictures,
        private OrderedCards $cards,
        private Resolver $resolver,
        private Listings $listings,
        private MediaStore $store,
        private ExportArchive $archive,
        private OutboxEdits $edits,
    ) {
    }

    /**
     * @return list<ScoredCover> the best first
     *
     * @throws StrangePlace
     * @throws ToolFailed
     * @throws Refusal
     */
    public function proposed(Post $post, Export $export): array
    {
        $others = Post::query()->where('outlet_id', $post->outlet_id)->where('short_id', '!=', $post->short_id)
            ->whereNotNull('cover')
            ->whereRelation('short', 'batch_id', $post->short->batch_id)->pluck('cover')->all();
        $signatures = [];
        foreach ($others as $cover) {
            if (is_array($cover) && is_array($cover['signature'] ?? null)) {
                $signatures[] = array_values(array_map(intval(...), $cover['signature']));
            }
        }

        return CoverChooser::best(
            $this->frames->of($this->archive->video($export)), $this->halves($post->short), $signatures,
        );
    }

    /**
     * What was chosen, or the best there is; that is kept with the post, so that others are unlike it.
     *
     * @return string JPEG
     *
     * @throws HandedBack
     * @throws Refusal
     * @throws StrangePlace
     * @throws ToolFailed
     */
    public function of(Post $post, Departure $leaving): string
    {
        $cover = $post->cover ?? [];
        if (($cover['ms'] ?? 0) === self::NONE) {
            return '';
        }
        if (! isset($cover['ms'])) {
            $best = $this->proposed($post, $leaving->export)[0] ?? null;
            $cover = [...$cover, 'ms' => $best->ms ?? 0, 'signature' => $best->signature ?? []];
            Post::query()->whereKey($post->id)->update(Post::raw(['cover' => $cover]));
        }

        return $this->picture($post->short, $post->outlet, $leaving->export, $cover['ms'], $cover['text'] ?? '');
    }

    /**
     * @throws Refusal
     * @throws StrangePlace
     * @throws ToolFailed
     */
    public function choose(Post $post, Export $export, int $ms, string $text): void
    {
        $text = trim((string) preg_replace('/\s+/u', ' ', mb_scrub($text)));
        if (mb_strlen($text) > self::MOST_TEXT) {
            throw new Refusal(sprintf('A card on a cover has at most %d letters.', self::MOST_TEXT));
        }
        if ($ms === self::NONE) {
            $this->put($post, ['ms' => $ms]);

            return;
        }
        if ($ms < 0 || $ms >= (int) $export->duration_ms) {
            throw new Refusal('The short is not so long. Choose a moment of it.');
        }
        $near = null;
        foreach ($this->frames->of($this->archive->video($export)) as $frame) {
            $near = $near === null || abs($frame->ms - $ms) < abs($near->ms - $ms) ? $frame : $near;
        }
        $this->put($post, ['ms' => $ms, 'text' => $text, 'signature' => $near?->signature() ?? []]);
    }

    /** @param  array<string, mixed>  $cover */
    private function put(Post $post, array $cover): void
    {
        $this->edits->change(
            $post->outlet->channel, 'changed the cover of %s', [$post->short], [$post->outlet],
            static fn (): bool => $post->update(['cover' => $cover]),
        );
    }

    /**
     * @return string JPEG, at the size that the outlet wants
     *
     * @throws HandedBack
     * @throws Refusal
     * @throws StrangePlace
     * @throws ToolFailed
     */
    public function picture(
        Short $short,
        Outlet $outlet,
        Export $export,
        int $ms,
        string $text,
        ?int $small = null,
    ): string {
        $target = $this->listings->target($short, $outlet);
        $shape = FrameShape::named($this->resolver->short($short)->text('shape')) ?? FrameShape::Upright;
        $frame = $target->frame($shape);
        [$width, $height] = $target->texts->cover ?? [$frame->width(), $frame->height()];
        if ($small !== null) {
            [$width, $height] = [$small, (int) round($small * $height / $width)];
        }
        $taken = $this->pictures->of($this->archive->video($export), [$ms], max($width, $height))[0]
            ?? throw new Refusal('There is no picture at that moment.');
        $source = @imagecreatefromstring($taken);
        $image = imagecreatetruecolor(max(1, $width), max(1, $height));
        if ($source === false || $image === false) {
            throw new Refusal('The cover could not be drawn.');
        }
        // The frame fills the cover: what is too much of it is left out on both sides.
        $scale = max($width / imagesx($source), $height / imagesy($source));
        [$across, $down] = [(int) round($width / $scale), (int) round($height / $scale)];
        imagecopyresampled(
            $image, $source, 0, 0, intdiv(imagesx($source) - $across, 2), intdiv(imagesy($source) - $down, 2),
            $width, $height, $across, $down,
        );
        if ($text !== '') {
            $this->lay($image, $short, mb_substr($text, 0, self::MOST_TEXT), $shape);
        }
        ob_start();
        imagejpeg($image, null, self::QUALITY);

        return (string) ob_get_clean();
    }

    /**
     * @throws HandedBack
     * @throws Refusal
     * @throws StrangePlace
     * @throws ToolFailed
     */
    private function lay(GdImage $image, Short $short, string $text, FrameShape $shape): void
    {
        $settings = $this->resolver->short($short);
        $card = $this->cards->of(new CardDesign(
            CardMark::TEXT, $text, $settings->text('card_face'), $settings->text('card_colour'),
            $settings->text('card_plate'), self::CARD, 0,
        ), $shape);
        $picture = $card === null ? false : @imagecreatefrompng($this->store->source($card->key));
        if ($picture === false) {
            return;
        }
        $width = (int) round(imagesx($image) * self::CARD / 1000);
        $height = (int) round($width * imagesy($picture) / imagesx($picture));
        imagecopyresampled(
            $image, $picture, intdiv(imagesx($image) - $width, 2),
            (int) round(imagesy($image) * self::CARD_DOWN - $height / 2), 0, 0, $width, $height, imagesx($picture),
            imagesy($picture),
        );
    }

    /** @return list<array{int, int}> spans at which a caption is there in part, in ms of its file */
    private function halves(Short $short): array
    {
        $cut = $short->plannedCut();
        $later = $cut?->over->introOutro->openingMs() ?? 0;

        return array_map(static function (Cue $cue) use ($later): array {
            $words = count($cue->words);
            $full = match ($cue->style->motion->appearance()) {
                Appearance::Growing, Appearance::Typed => $cue->words[$words - 1]->endMs,
                Appearance::Whole, Appearance::Single => $cue->startMs,
                default => $cue->startMs + $cue->style->motion->appearMs,
            };

            return [$cue->startMs + $later, min($full, $cue->endMs) + $later];
        }, $cut?->seenCues() ?? []);
    }
}
