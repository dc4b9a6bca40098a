<?php

declare(strict_types=1);

namespace RapidReel\Script;

use InvalidArgumentException;

/** One thought of a script, with its part in it. The text is not empty and has no line breaks. */
final readonly class Scene
{
    /** The longest text of one scene, in characters: about a minute of speech. */
    public const MOST_CHARACTERS = 1_000;

    public string $text;

    public function __construct(
        public SceneRole $role,
        string $text,
    ) {
        $this->text = trim((string) preg_replace('/\s+/u', ' ', $text));
        if ($this->text === '' || preg_match('/[\p{L}\p{N}]/u', $this->text) !== 1) {
            throw new InvalidArgumentException('A scene needs at least one spoken word.');
        }
        if (mb_strlen($this->text) > self::MOST_CHARACTERS) {
            throw new InvalidArgumentException(sprintf('A scene takes at most %s characters; split it in two.', number_format(self::MOST_CHARACTERS)));
        }
    }
}
