<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Model;
use RapidReel\Making\Publish\Results\Point;

/**
 * What was told of a post at a moment.
 *
 * @property int $id
 * @property int $post_id
 * @property int $at  Unix time
 * @property int $views
 * @property int|null $likes
 * @property float|null $watch_seconds
 * @property int|null $earned  millionths of the currency
 * @property string $currency
 * @property string $source  service or table
 */
final class ResultPoint extends Model
{
    public $timestamps = false;

    protected $fillable = ['post_id', 'at', 'views', 'likes', 'watch_seconds', 'earned', 'currency', 'source'];

    /** @var array<string, string> */
    protected $casts = ['watch_seconds' => 'float'];

    public function toPoint(): Point
    {
        return new Point(
            $this->at, $this->views, $this->likes, $this->watch_seconds, $this->earned, $this->currency,
        );
    }
}
