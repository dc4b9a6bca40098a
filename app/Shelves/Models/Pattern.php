<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Model;
use RapidReel\Base\Values;

/**
 * The settings of a short without its words and pictures, kept under a name to be given to others.
 *
 * @property int $id
 * @property int $channel_id
 * @property string $name
 * @property Values $settings
 * @property-read Channel $channel
 */
final class Pattern extends Model
{
    public $timestamps = false;

    protected $fillable = ['name', 'settings'];

    /** @var array<string, string> */
    protected $casts = ['settings' => ValuesCast::class];

    /** @return \Illuminate\Database\Eloquent\Relations\BelongsTo<Channel, $this> */
    public function channel(): \Illuminate\Database\Eloquent\Relations\BelongsTo
    {
        return $this->belongsTo(Channel::class);
    }
}
