<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use RapidReel\Base\Refusal;
use RapidReel\Base\Values;
use RapidReel\Pictures\Framing\Path\Pin;
use RapidReel\Text\Script\ShotHold;
use RapidReel\Text\Script\ShotMark;

/**
 * A shot of a scene, known by the word it begins at.
 *
 * @property int $id
 * @property int $scene_id
 * @property int $word
 * @property int $offset  frames off the word
 * @property int|null $footage_id
 * @property int|null $in_ms
 * @property string $pins  as JSON; empty where there are none
 * @property int|null $span  words that it is held over at least
 * @property bool $locked  touched by an operator, and not to be found anew
 * @property Values $settings
 * @property-read Scene $scene
 */
final class Shot extends Model
{
    public $timestamps = false;

    protected $fillable = ['scene_id', 'word', 'offset', 'footage_id', 'in_ms', 'pins', 'locked', 'settings', 'span'];

    /** @var array<string, string> */
    protected $casts = ['locked' => 'bool', 'settings' => ValuesCast::class];

    /** @return BelongsTo<Scene, $this> */
    public function scene(): BelongsTo
    {
        return $this->belongsTo(Scene::class);
    }

    /** @throws Refusal */
    public function toMark(): ShotMark
    {
        $footage = $this->footage_id === null ? null : (string) $this->footage_id;

        return new ShotMark(
            $this->word,
            $footage,
            $this->locked,
            new ShotHold($this->offset ?? 0, $this->span ?? 0),
            $this->in_ms,
            $this->settings,
            $this->id,
            Pin::listFromJson($this->pins ?? ''),
        );
    }
}
