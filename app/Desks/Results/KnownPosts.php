<?php

declare(strict_types=1);

namespace App\Desks\Results;

use App\Shelves\Models\Post;
use Illuminate\Database\Eloquent\Collection;
use RapidReel\Making\Publish\Results\ResultsRow;

/** Posts by whatever a table may call them. */
final readonly class KnownPosts
{
    /** @var array<string, Post> by what stands in a table; what could be two is none */
    private array $byName;

    /** @param  Collection<int, Post>  $posts */
    public function __construct(Collection $posts)
    {
        $byName = $twice = [];
        foreach ($posts as $post) {
            $short = $post->short;
            $names = array_unique(array_filter(array_map(self::plain(...), [
                $post->remote, $post->address, "short-$post->short_id", $post->key, $short->title ?? '',
                $post->sent['title'] ?? '',
            ])));
            foreach ($names as $name) {
                // Of one short posted twice the last; of two shorts of one name neither.
                if (isset($byName[$name]) && $byName[$name]->short_id !== $post->short_id) {
                    $twice[$name] = true;
                }
                $byName[$name] = $post;
            }
        }
        $this->byName = array_diff_key($byName, $twice);
    }

    public function of(ResultsRow $row): ?Post
    {
        foreach ([$row->id, $row->address, $row->title] as $written) {
            $post = $written === '' ? null : $this->byName[self::plain($written)] ?? null;
            if ($post !== null) {
                return $post;
            }
        }

        return null;
    }

    private static function plain(string $written): string
    {
        $plain = mb_strtolower(trim((string) preg_replace('/\s+/u', ' ', $written)));

        return (string) preg_replace(['#^https?://(?:www\.)?#', '#/$#'], '', $plain);
    }
}
