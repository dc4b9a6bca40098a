<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters;

use Illuminate\Support\Str;
use League\CommonMark\Environment\Environment;
use League\CommonMark\Extension\CommonMark\CommonMarkCoreExtension;
use League\CommonMark\Extension\CommonMark\Node\Block\Heading;
use League\CommonMark\Extension\CommonMark\Node\Inline\Image;
use League\CommonMark\Node\Query;
use League\CommonMark\Node\StringContainerHelper;
use League\CommonMark\Parser\MarkdownParser;
use League\CommonMark\Renderer\HtmlRenderer;

/** The guide of `docs/`, as a page of the application: the same text, each heading known by its words. */
final readonly class Guide
{
    /** The part that is about a page, by how the names of its routes begin. */
    private const TOPICS = [
        'intake' => 'a-weeks-batch', 'batches.' => 'a-weeks-batch', 'sketches' => 'a-weeks-batch',
        'queue.' => 'why-does-it-wait', 'house' => 'set-up-a-channel', 'channels.' => 'set-up-a-channel',
        'styles' => 'set-up-a-channel', 'targets.' => 'set-up-a-channel', 'footage.' => 'set-up-a-channel',
        'sounds.' => 'set-up-a-channel', 'voices.' => 'set-up-a-channel', 'rules.' => 'flags', 'review.' => 'flags',
        'shorts.' => 'a-weeks-batch', 'voice.' => 'record-a-voice', 'framing.' => 'framing', 'sheet.' => 'pace',
        'pace.' => 'pace', 'captions.' => 'captions', 'versions.' => 'other-languages',
        'outbox.' => 'post-and-see-what-works',
        'outlets.' => 'post-and-see-what-works', 'calendar.' => 'post-and-see-what-works',
        'results.' => 'post-and-see-what-works',
    ];

    /**
     * @param  list<array{level: int, name: string, anchor: string}>  $contents
     */
    private function __construct(
        public string $html,
        public array $contents,
    ) {
    }

    public static function read(): self
    {
        $environment = new Environment(['html_input' => 'escape', 'allow_unsafe_links' => false]);
        $environment->addExtension(new CommonMarkCoreExtension);
        $document = (new MarkdownParser($environment))->parse((string) file_get_contents(base_path('docs/guide.md')));
        $contents = [];
        foreach ((new Query)->where(Query::type(Heading::class))->findAll($document) as $heading) {
            assert($heading instanceof Heading);
            $name = StringContainerHelper::getChildText($heading);
            $heading->data->set('attributes/id', self::anchor($name));
            $contents[] = ['level' => $heading->getLevel(), 'name' => $name, 'anchor' => self::anchor($name)];
        }
        foreach ((new Query)->where(Query::type(Image::class))->findAll($document) as $image) {
            assert($image instanceof Image);
            $image->setUrl(route('help.picture', basename($image->getUrl())));
            // Their room is kept, so that a place in the text stays where it is as they come.
            $image->data->set('attributes', ['loading' => 'lazy', 'width' => '1280', 'height' => '800']);
        }

        return new self((new HtmlRenderer($environment))->renderDocument($document)->getContent(), $contents);
    }

    /** How a heading is known, on the page of the application as where the text is read elsewhere. */
    public static function anchor(string $heading): string
    {
        return Str::slug(str_replace(['’', "'"], '', $heading));
    }

    /** The part that is about a page; empty where none is about it alone. */
    public static function topic(string $route): string
    {
        foreach (self::TOPICS as $begins => $anchor) {
            if (str_starts_with($route, $begins)) {
                return $anchor;
            }
        }

        return '';
    }
}
