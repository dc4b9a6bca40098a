<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings;

use LogicException;
use RapidReel\Base\FrameShape;
use RapidReel\Base\TargetProfile;
use RapidReel\Base\Values;
use RapidReel\Captions\Style\CaptionStyle;
use RapidReel\Pictures\Framing\Framing;
use RapidReel\Pictures\Framing\FramingChoice;
use RapidReel\Pictures\Framing\StillMotion;
use RapidReel\Plan\Cut\ClipFit;
use RapidReel\Plan\Cut\Transition;
use RapidReel\Plan\Cut\TransitionKind;
use RapidReel\Text\Script\SplitRule;

/** What holds at one place: of every setting the value of the narrowest level that has one that is still there. */
final readonly class Settled
{
    /**
     * @param  array<string, Values>  $levels  what is set at each level, by its name
     */
    private function __construct(
        public Registry $registry,
        private array $levels = [],
    ) {
    }

    public static function defaults(Registry $registry): self
    {
        return new self($registry);
    }

    /** The same with what a level sets; levels may be added in any order. */
    public function and(Level $level, Values $values): self
    {
        return new self($this->registry, [...$this->levels, $level->value => $values]);
    }

    /** What would hold without what a level sets. */
    public function without(Level $level): self
    {
        return new self($this->registry, array_diff_key($this->levels, [$level->value => true]));
    }

    public function value(string $key): int|float|string
    {
        $from = $this->from($key);

        return $from === null ? $this->registry->get($key)->default : $this->levels[$from->value]->own[$key];
    }

    /** @return Level|null the level that the value comes from; null for the default */
    public function from(string $key): ?Level
    {
        $setting = $this->registry->get($key);
        foreach (array_reverse($setting->levels) as $level) {
            $values = $this->levels[$level->value] ?? null;
            if ($values?->has($key) === true && $setting->takes($values->own[$key])) {
                return $level;
            }
        }

        return null;
    }

    public function voice(): string
    {
        return $this->text('voice');
    }

    /** Percent of the voice's usual rate */
    public function speed(): int
    {
        return $this->number('speed');
    }

    /** Silence after a scene in ms; null for the usual */
    public function pauseMs(): ?int
    {
        $pause = $this->value('pause');

        return is_string($pause) ? null : (int) $pause;
    }

    /** What pauses inside a scene are shortened to in ms; null leaves them */
    public function deadAirMs(): ?int
    {
        $kept = $this->value('dead_air');

        return is_string($kept) ? null : (int) $kept;
    }

    public function split(): SplitRule
    {
        return SplitRule::parse($this->text('split'));
    }

    public function profile(): TargetProfile
    {
        return TargetProfile::from($this->text('profile'));
    }

    /** How pictures go over into each other; null for plain cuts */
    public function transition(): ?Transition
    {
        return Transition::seen(TransitionKind::from($this->text('transition')), $this->number('transition_ms'));
    }

    /** What is done with clips that do not last as long as their shots */
    public function clipFit(): ClipFit
    {
        return ClipFit::from($this->text('clip_fit'));
    }

    /** How the end goes over into the first picture; null where it does not */
    public function loop(): ?Transition
    {
        return $this->text('loop') === PaceSettings::ROUND
            ? new Transition(TransitionKind::Dissolve, PaceSettings::ROUND_MS)
            : null;
    }

    /** The shape of the frame */
    public function shape(): FrameShape
    {
        return FrameShape::from($this->text('shape'));
    }

    /** How fast speech is, in percent of what was spoken */
    public function tempo(): int
    {
        return $this->number('tempo');
    }

    /** Silence after the last word in ms */
    public function tailMs(): int
    {
        return $this->number('tail');
    }

    /** Whether a scene may go where its short is too long */
    public function isOptional(): bool
    {
        return $this->text('need') === PaceSettings::OPTIONAL;
    }

    public function longestShotMs(): int
    {
        return $this->number('longest_shot');
    }

    public function shortestShotMs(): int
    {
        return $this->number('shortest_shot');
    }

    /** How shots are framed, and how stills move */
    public function framing(): FramingChoice
    {
        return new FramingChoice(
            Framing::from($this->text('framing')),
            $this->number('closeness'),
            StillMotion::from($this->text('motion')),
            $this->number('motion_strength'),
            $this->text('motion_easing') === Registry::EVEN,
            $this->text('ground_top'),
            $this->text('ground_bottom'),
        );
    }

    /** How captions look: the style that was chosen, with what is set beside it; null where there are none */
    public function captions(): ?CaptionStyle
    {
        return CaptionSettings::style($this);
    }

    /** By how much pictures are darkened, in percent */
    public function dim(): int
    {
        return $this->number('dim');
    }

    /** Whether pictures are darkened under captions that would be faint */
    public function isShaded(): bool
    {
        return $this->text('shade') === Registry::NEEDED;
    }

    /** Whether the colours of a picture are brought to those of the rest of its short */
    public function isMatched(): bool
    {
        return $this->text('match_colours') === Registry::MATCHED;
    }

    /** Id of a piece, or Registry::AUTOMATIC or NONE */
    public function music(): string
    {
        return $this->text('music');
    }

    /** How far the music stays under the voice, in dB */
    public function musicLevel(): int
    {
        return $this->number('music_level');
    }

    private function text(string $key): string
    {
        $value = $this->value($key);

        return is_string($value) ? $value : throw new LogicException("The setting $key is no text.");
    }

    private function number(string $key): int
    {
        $value = $this->value($key);

        return is_int($value) ? $value : throw new LogicException("The setting $key is no number.");
    }
}
