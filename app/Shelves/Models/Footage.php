<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use RapidReel\Pictures\Footage\Footage as FootageItem;
use RapidReel\Pictures\Footage\FootageKind;

/**
 * @property int $id
 * @property string $name
 * @property FootageKind $kind
 * @property string $origin
 * @property string $path
 * @property string $thumbnail
 * @property FootageState $state
 * @property int $percent  of it that a worker has looked through
 * @property string|null $refused  why it cannot be used
 * @property string|null $media_type  as it was probed
 * @property string|null $seal  size and hash of its file as it was kept
 * @property string $fingerprint  hash of its content
 * @property int $channel_id
 * @property bool $shared  with the account's other channels
 * @property int $width
 * @property int $height
 * @property int $duration_ms
 * @property string $tags
 * @property string $collection  empty where it is in none
 * @property string|null $look  a hash that is nearly the same for pictures that are
 * @property int|null $mended_of  the clip that it was made of
 * @property string|null $mended_by  how it is mended
 * @property string|null $remark  what was taken for granted of its file, for its operator
 * @property int|null $near_id  of what it is nearly the same as
 * @property string|null $brief  what it was made to show
 */
final class Footage extends Model
{
    /** Origin of what a stand-in made. */
    public const STAND_IN = 'stand-in';

    use OfChannel;
    use SoftDeletes;

    protected $table = 'footage';

    protected $fillable = [
        'shared', 'name', 'kind', 'origin', 'thumbnail', 'fingerprint', 'seal', 'media_type',
        'state', 'percent', 'refused', 'width', 'height', 'duration_ms', 'tags', 'brief',
        'collection', 'look', 'near_id', 'mended_of', 'mended_by', 'mended_key',
    ];

    /** @var array<string, string> */
    protected $casts = ['kind' => FootageKind::class, 'shared' => 'bool', 'state' => FootageState::class];

    /** @var array<string, mixed> */
    protected $attributes = ['state' => 'ready', 'percent' => 0, 'collection' => ''];

    /**
     * Footage at a channel's hand whose name or tags hold every word of a search.
     *
     * @return Builder<self>
     */
    public static function search(Channel $channel, string $words): Builder
    {
        $query = self::at($channel);
        foreach (array_filter((array) preg_split('/\s+/u', trim($words))) as $word) {
            $like = '%'.str_replace(['\\', '%', '_'], ['\\\\', '\%', '\_'], (string) $word).'%';
            $query->where(fn (Builder $either) => $either
                ->whereRaw("name like ? escape '\\'", [$like])
                ->orWhereRaw("tags like ? escape '\\'", [$like]));
        }

        return $query;
    }

    /**
     * Footage at a channel's hand that is chosen by hand alone.
     *
     * @return array<string, array<int, string>> names by tag and id
     */
    public static function byHand(Channel $channel): array
    {
        $found = array_fill_keys(FootageItem::BY_HAND, []);
        // As the index of those says.
        $query = self::at($channel)->where('state', FootageState::Ready)->whereRaw('('.implode(' or ', array_map(
            static fn (string $tag): string => "instr(lower(tags), '$tag')", FootageItem::BY_HAND,
        )).')');
        foreach ($query->orderBy('name')->get() as $one) {
            if ($one instanceof self) {
                foreach (FootageItem::handTags($one->tagList()) as $tag) {
                    $found[$tag][$one->id] = $one->name;
                }
            }
        }

        return $found;
    }

    /** @return HasMany<Shot, $this> */
    public function shots(): HasMany
    {
        return $this->hasMany(Shot::class);
    }

    /** @return list<string> */
    public function tagList(): array
    {
        return self::tagsOf($this->tags);
    }

    /** @return list<string> of what is written with commas between */
    public static function tagsOf(string $written): array
    {
        return array_values(array_filter(array_map(trim(...), explode(',', $written))));
    }

    public function lengthSays(): string
    {
        return $this->kind === FootageKind::Still ? 'still' : number_format($this->duration_ms / 1000, 1).' s';
    }

    /** Of what was brought before that was kept, its name is all that is known. */
    public function mediaType(): string
    {
        return $this->media_type ?? match (pathinfo($this->path, PATHINFO_EXTENSION)) {
            'png' => 'image/png',
            'jpg', 'jpeg' => 'image/jpeg',
            'webp' => 'image/webp',
            'webm' => 'video/webm',
            default => 'video/mp4',
        };
    }
}
