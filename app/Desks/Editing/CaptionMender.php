<?php

declare(strict_types=1);

namespace App\Desks\Editing;

use App\Makers\Proofs\ClearCue;
use App\Makers\Proofs\Proof;
use App\Shelves\Levels\Registrar;
use App\Shelves\Models\Short;
use RapidReel\Base\Refusal;
use RapidReel\Base\Values;
use RapidReel\Captions\Contrast\MendKind;
use RapidReel\Captions\Style\StyleFields;
use RapidReel\Plan\Settings\Registry;

/** Makes faint captions of a short clear, all at a press and as one step. */
final readonly class CaptionMender
{
    public function __construct(
        private EditBook $edits,
        private ShortWriter $writer,
        private Registrar $registrar,
    ) {
    }

    /**
     * What a style needs for its worst caption holds for all of the short; pictures are dimmed scene by scene.
     *
     * @return int how many captions it mends
     *
     * @throws Refusal
     */
    public function mend(Short $short, MendKind $kind): int
    {
        $count = 0;
        $this->edits->change($short->batch, lcfirst($kind->label()), [$short], function (Short $short) use (
            $kind,
            &$count,
        ): void {
            $count = $this->apply($short, $short->manuscript()->keys, $kind);
        });

        return $count;
    }

    /**
     * Within a change of that short.
     *
     * @param  list<int|null>  $keys  of its scenes as they were when they were measured
     * @return int how many captions it mends
     *
     * @throws Refusal
     */
    public function apply(Short $short, array $keys, MendKind $kind): int
    {
        $proof = Proof::of($short);
        if ($proof === null || ! $proof->isOf($short)) {
            throw new Refusal('The captions are being measured. Try again in a moment.');
        }
        [$style, $dims, $count] = self::needed($proof->faint(), $kind);
        if ($count === 0) {
            throw new Refusal('No caption of this short would be mended by that.');
        }
        $registry = $this->registrar->of($short->batch->channel);
        foreach ($style as $name => $value) {
            $key = StyleFields::setting($name);
            $short->settings = self::set($registry, $short->settings, $key, (string) $value);
        }
        $now = $short->manuscript();
        foreach ($dims as $scene => $dim) {
            $at = array_search($keys[$scene] ?? 0, $now->keys, true);
            if ($at !== false) {
                $own = $now->scenes[$at]->own;
                $now = $now->withOwn($at, $own->with(self::set($registry, $own->settings, 'dim', (string) $dim)));
            }
        }
        $this->writer->write($short, $now);

        return $count;
    }

    /**
     * @param  list<ClearCue>  $faint
     * @return array{array<string, int|string>, array<int, int>, int} fields of the style, dimming by scene, how many
     */
    private static function needed(array $faint, MendKind $kind): array
    {
        [$style, $dims, $count] = [[], [], 0];
        foreach ($faint as $cue) {
            foreach ($cue->mends as $mend) {
                if ($mend['kind'] !== $kind->value) {
                    continue;
                }
                $count++;
                foreach ($mend['style'] as $name => $value) {
                    $known = $style[$name] ?? null;
                    $style[$name] = is_int($value) && is_int($known) ? max($known, $value) : $value;
                }
                if ($mend['dim'] > 0) {
                    $dims[$cue->scene] = max($dims[$cue->scene] ?? 0, $mend['dim']);
                }
            }
        }

        return [$style, $dims, $count];
    }

    /** @throws Refusal */
    private static function set(Registry $registry, Values $values, string $key, string $written): Values
    {
        return $values->with($key, $registry->get($key)->type->read($written));
    }
}
