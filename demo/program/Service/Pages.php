<?php

declare(strict_types=1);

namespace RapidReel\Demo\Service;

/** What a viewer would see of what was posted at the stand-in. */
final class Pages
{
    public const HTML = ['Content-Type' => 'text/html; charset=utf-8'];

    private const STYLE = 'body{font:16px/1.5 system-ui,sans-serif;max-width:60rem;margin:2rem auto;padding:0 1rem;'
        .'color:#20262b;background:#eef1f3}h1{font-size:1.4rem}.mark{background:#7a1f1f;color:#fff;padding:.3rem .6rem}'
        .'ul{list-style:none;padding:0;display:grid;grid-template-columns:repeat(auto-fill,minmax(11rem,1fr));gap:1rem}'
        .'li{background:#fff;padding:.6rem}video{width:100%;aspect-ratio:9/16;background:#000}button{font:inherit;'
        .'padding:.4rem 1rem}p.small{color:#56606a;font-size:.85rem;margin:.2rem 0}.lines{white-space:pre-line}';

    public static function plain(string $title, string $said, string $more = ''): string
    {
        return '<!doctype html><html lang="en"><meta charset="utf-8">'
            .'<meta name="viewport" content="width=device-width">'
            ."<title>$title · Stand-in</title><style>".self::STYLE.'</style><p class="mark">Stand-in for a publishing '
            ."service. Nothing here leaves this machine.</p><h1>$title</h1><p>$said</p>$more</html>";
    }

    /** @param  list<array<string, int|string>>  $posts */
    public static function wall(array $posts): string
    {
        $items = array_map(static function (array $post): string {
            $age = time() - (int) $post['finished'];

            return sprintf(
                '<li><video controls preload="metadata" src="/files/%1$s.mp4" poster="/files/%1$s.jpg"></video>'
                    .'<b>%2$s</b><p class="small">%3$s views · %4$s</p><p class="small lines">%5$s</p>'
                    .'<p class="small">%6$s</p></li>',
                $post['id'], htmlspecialchars((string) $post['title']),
                number_format((new Growth((string) $post['key'], (string) $post['title']))->views($age)),
                $post['state'] === 'draft' ? 'draft, seen by nobody else' : 'public',
                htmlspecialchars((string) $post['description']),
                htmlspecialchars(implode(' ', array_map(
                    static fn (mixed $tag): string => '#'.(is_string($tag) ? $tag : ''),
                    (array) json_decode((string) $post['tags'], true),
                ))),
            );
        }, $posts);

        return self::plain(
            'Lamplight Log',
            match (count($posts)) {
                0 => 'Nothing was posted yet.',
                1 => '1 short.',
                default => count($posts).' shorts, the last first.',
            },
            '<ul>'.implode('', $items).'</ul>',
        );
    }
}
