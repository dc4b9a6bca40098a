<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Styles;

use App\Desks\Editing\StyleDesk;
use App\Makers\Planning\LiveCaptions;
use App\Makers\Proofs\Proof;
use App\Makers\Proofs\ProofFrames;
use App\Media\Artwork\TypefaceBook;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Short;
use App\Shelves\Models\Typeface;
use RapidReel\Base\FrameShape;
use RapidReel\Base\Target\Frame;
use RapidReel\Base\Target\TargetPicture;
use RapidReel\Captions\Cueing\CueMaker;
use RapidReel\Captions\Cueing\EmojiBook;
use RapidReel\Captions\Drawing\AssWriter;
use RapidReel\Captions\Marks\CaptionMarks;
use RapidReel\Captions\Style\CaptionStyle;
use RapidReel\Captions\Style\Styles;
use RapidReel\Voice\Speech\WordTiming;

/** All caption styles, each on the pictures of a short that are hardest to stand before. */
final readonly class StylesPage
{
    private const SAMPLE = 'The lamp went out at midnight.';

    /** Half of them are said when the sample is looked at. */
    private const WORD_MS = 420;

    public function __construct(
        private Resolver $resolver,
        private TypefaceBook $faces,
        private LiveCaptions $captions,
    ) {
    }

    /** @param  Short|null  $short  whose pictures and words they are shown with; null for the last that has any */
    public function of(Channel $channel, ?Short $short): StylesView
    {
        $short ??= Short::shown($channel);
        $proof = $short === null ? null : Proof::of($short);
        $settled = $short === null ? $this->resolver->channel($channel) : $this->resolver->short($short);
        $used = (string) $settled->value('caption_style');
        $said = $this->sample($short);
        $cards = [];
        foreach (Styles::cases() as $style) {
            $cards[] = $this->card($style->value, $style->label(), $style->style(), false, $used, $said);
        }
        foreach (StyleDesk::of($channel) as $id => $own) {
            $style = (new CaptionStyle)->with($own['values']);
            $cards[] = $this->card($id, $own['name'], $style, true, $used, $said);
        }
        $pictures = [];
        foreach (ProofFrames::KINDS as $kind) {
            if ($proof === null || $short === null) {
                break;
            }
            $pictures[$kind] = route('proofs.picture', [$short, $kind, 'v' => substr($proof->key, 0, 12)]);
        }

        return new StylesView(
            $channel,
            $short,
            $cards,
            $pictures,
            array_values(
                Typeface::query()->whereKey(Typeface::at($channel)->pluck('id'))->get()->sortBy('name')->all(),
            ),
            FrameShape::Upright->safeArea()->toArray(),
        );
    }

    /** @return list<string> the first words of the short */
    private function sample(?Short $short): array
    {
        $words = $short === null ? [] : array_map(
            static fn ($word): string => $word->timing->text,
            array_slice($this->captions->of($short)->words, 0, 6),
        );

        return count($words) > 2 ? $words : explode(' ', self::SAMPLE);
    }

    /** @param  list<string>  $said */
    private function card(
        string $id,
        string $name,
        CaptionStyle $style,
        bool $isOwn,
        string $used,
        array $said,
    ): StyleCard {
        $words = [];
        foreach ($said as $i => $word) {
            $words[] = new WordTiming($word, $i * self::WORD_MS, ($i + 1) * self::WORD_MS);
        }
        $end = count($words) * self::WORD_MS;
        $maker = new CueMaker(
            $this->faces->set([$style->type->face]),
            new Frame,
            'en',
            $said,
            EmojiBook::none(),
        );
        $script = AssWriter::write(
            $maker->cues(0, $words, [[0, $end]], $end, new CaptionMarks, $style),
            TargetPicture::USUAL_RATE,
            0,
            0,
            (int) ceil($end * TargetPicture::USUAL_RATE / 1000),
        );

        return new StyleCard(
            $id,
            $name,
            $isOwn,
            $id === $used,
            $script->ass,
            array_map(static fn (string $face): string => route('faces.file', $face), $script->faces),
        );
    }
}
