<?php

declare(strict_types=1);

namespace App\Doors\Http;

use App\Shelves\Models\Short;
use RapidReel\Plan\Finding\FindingKind;

/** What every route takes: the form of all requests, in one place. */
final class Fields
{
    private const WORD = 40;

    private const LINE = 400;

    private const PAGE = 50_000;

    private const MOST_LANGUAGES = 40;

    /** @return array<string, Field> by name */
    public static function of(string $route): array
    {
        // How much text is too much says whoever reads it, in its own words.
        $scripts = Field::rough();
        $word = Field::text(self::WORD);
        $line = Field::text(self::LINE);
        $page = Field::text(self::PAGE);
        $whole = Field::whole();
        $some = ['shorts' => Field::ids()];
        $since = ['since' => $whole];

        return match ($route) {
            'sign-in.try' => ['email' => $line, 'password' => $line, 'remember' => Field::flag()],
            'machine.disk', 'machine.disk.state' => ['page' => $whole],
            'machine.disk.update' => ['gigabytes' => $word, 'days' => $word],
            'machine.disk.act' => ['do' => $word, 'kind' => $word, 'batch' => $whole, 'page' => $whole],
            'machine.helpers.update' => ['makes' => Field::flag()],
            'password.change' => ['current' => $line, 'password' => $line, 'again' => $line],
            'batches.index', 'pace.show' => ['page' => $whole],
            'batches.store' => ['text' => $scripts, 'name' => $line, 'quality' => $word, 'later' => Field::flag(),
                'pattern' => $whole,
            ],
            'batches.state', 'batches.undo', 'batches.redo' => $since,
            'batches.export' => ['quality' => $word, ...$some],
            'batches.act' => ['act' => $word, 'value' => $word, ...$some, ...$since],
            'review.show' => ['short' => $whole],
            'review.mend' => $some,
            'queue.act', 'queue.one' => ['do' => $word],
            'outlets.store' => ['place' => $word, 'name' => $line],
            'outlets.update' => [
                'name' => $line, 'target' => $word, 'language' => $word, 'hours' => $line,
                'days_off' => $line, 'per_day' => $word,
                'rate' => $word, 'currency' => $word, 'as_draft' => Field::flag(),
            ],
            'outlets.hold', 'results.next' => ['do' => $word],
            'outlets.back' => ['code' => $line, 'state' => $line, 'error' => $line, 'error_description' => $page],
            'outbox.show', 'outbox.state', 'outbox.file', 'outbox.take' => ['outlet' => $whole],
            'outbox.act' => ['do' => $word, 'outlet' => $whole, 'all' => Field::flag(), ...$some],
            'outbox.cells' => ['outlet' => $whole, 'cells' => Field::text(4_000_000)],
            'posts.act' => ['do' => $word, 'at' => $word],
            'posts.choose' => ['ms' => Field::whole(least: -1), 'text' => $line],
            'posts.picture' => ['ms' => $whole, 'text' => $line],
            'calendar.show', 'calendar.state' => ['from' => $word],
            'results.show' => ['outlet' => $whole, 'rate' => $word],
            'results.table' => ['outlet' => $whole, 'text' => $scripts, 'columns' => Field::words(200)],
            'guests.store' => ['name' => $line, 'days' => $whole],
            'guest.decide' => ['do' => $word, 'seen' => $line, 'note' => $page, 'ms' => $whole],
            'guest.file' => ['v' => $whole],
            'rules.update' => [
                'forbidden' => $page, ...array_fill_keys(array_column(FindingKind::cases(), 'value'), $word),
            ],
            'review.preview' => ['finding' => $line],
            'review.decide' => [
                'do' => $word, 'finding' => $line, 'seen' => $line, 'note' => $page, 'ms' => $whole,
            ],
            'batches.pace' => ['act' => $word, 'value' => $word, ...$some],
            'batches.cancel', 'batches.briefs' => $some,
            'batches.download' => ['all' => Field::flag(), ...$some],
            'intake.preview' => ['text' => $scripts],
            'intake.files' => ['count' => $whole],
            'intake.say' => ['text' => $scripts, 'script' => $whole, 'line' => $whole, 'run' => $whole],
            'intake.keep' => ['text' => $scripts, 'script' => $whole, 'articles' => Field::ids()],
            'voices.say' => ['text' => $page, 'speed' => $whole, 'voice' => $line],
            'shorts.export' => ['quality' => $word],
            'shorts.say' => ['note' => $whole],
            'shorts.hook' => ['do' => $word, 'text' => $page, 'id' => $whole],
            'voice.record' => ['text' => $page],
            // Dragged beyond the begin, it stops there.
            'readings.pin' => ['ms' => Field::whole(least: -2_147_483_647)],
            'scenes.spare' => ['after' => $whole, 'spare' => Field::flag()],
            'scenes.reword', 'scenes.brief' => ['text' => $page],
            'scenes.change' => ['do' => $word, 'at' => $whole],
            'scenes.shot' => ['do' => $word, 'to' => $whole, 'frames' => Field::whole(1_000, -1_000), 'ms' => $whole],
            'scenes.sounds' => ['sound' => $word, 'ms' => Field::whole(60_000, -60_000)],
            'cards.store', 'cards.update' => [
                'kind' => $word, 'text' => $page, 'enter' => $word, 'leave' => $word, 'fill' => $word, 'plate' => $word,
                'offset' => Field::whole(60_000, -60_000), 'length' => $whole, 'x' => Field::whole(1_000),
                'y' => Field::whole(1_000), 'size' => $whole, 'turn' => Field::whole(1_000, -1_000),
            ],
            'scenes.swap' => ['footage' => $whole],
            'captions.change' => [
                'do' => $word, 'word' => $whole, 'at' => $whole, 'text' => $line, 'on' => Field::flag(),
                'from' => Field::whole(1_000, -1_000), 'until' => Field::whole(1_000, -1_000),
            ],
            'framing.pin' => [
                'do' => $word, 'ms' => $whole, 'x' => Field::whole(10_000), 'y' => Field::whole(10_000),
                'close' => Field::whole(400, 100),
            ],
            'briefs.make' => ['ids' => Field::ids()],
            'briefs.bring' => ['names' => $page, 'ids' => Field::ids()],
            'versions.show', 'versions.state' => ['in' => $whole],
            'versions.make' => ['languages' => Field::words(self::MOST_LANGUAGES), 'other' => $line, 'way' => $word],
            'versions.batch' => $some,
            'versions.all' => [
                'languages' => Field::words(self::MOST_LANGUAGES), 'other' => $line, 'way' => $word, ...$some,
            ],
            'versions.forget' => ['order' => $whole],
            'versions.say' => ['said' => Field::texts(Short::MOST_SENTENCES)],
            'versions.glossary' => ['words' => $page],
            'captions.mend' => ['kind' => $word],
            'captions.import' => ['times' => Field::flag(), 'sure' => Field::flag()],
            'styles' => ['short' => $whole],
            'targets.index' => ['edit' => Field::text(60), 'copy' => Field::text(60)],
            'targets.store' => array_fill_keys([
                'id', 'name', 'shape', 'side', 'fps', 'shortest', 'longest', 'hook', 'loudness', 'true_peak', 'most_mb',
                'title_most', 'description_most', 'tags_most', 'tag_most', 'cover', 'safe_top', 'safe_right',
                'safe_bottom', 'safe_left',
            ], $line),
            'styles.store', 'patterns.store' => ['name' => $line],
            'sketches' => ['topics' => $page, 'shape' => $word],
            'sketches.store' => [
                'topics' => $page, 'points' => $page, 'tone' => $word, 'shape' => $word, 'seconds' => $whole,
                'audience' => $line, 'round' => Field::whole(1_000),
            ],
            'sketches.reword' => [
                'script' => $page, 'tone' => $word, 'audience' => $line, 'round' => Field::whole(1_000),
            ],
            'sketches.condense' => ['source' => $scripts, 'seconds' => $whole],
            'house.update' => [
                'name' => $line, 'style_words' => $page, 'forbidden' => $page, 'pronunciations' => $page,
                'figures' => $page, 'views' => $page,
            ],
            'settings' => [
                'level' => $word, 'whole' => $word, 'value' => $page, 'channel' => $whole, 'ids' => Field::ids(),
                'key' => $word, 'inherit' => Field::flag(),
            ],
            'channels.store' => ['name' => $line],
            'forgotten.send' => ['email' => $line],
            'forgotten.choose', 'forgotten.keep' => [
                'of' => $line, 'signature' => $line, 'expires' => $whole, 'password' => $line,
            ],
            'members.invite' => ['role' => $word],
            'join.go' => ['name' => $line, 'email' => $line, 'password' => $line],
            'house.begin' => ['style' => $word],
            'machine' => ['thorough' => Field::flag()],
            'footage.index', 'footage.picker' => [
                'search' => $line, 'kind' => $word, 'page' => $whole, 'shape' => $word, 'length' => $word,
                'collection' => $line, 'use' => $word,
            ],
            'footage.store' => ['tags' => $page, 'upload' => $word, 'folder' => $page],
            'footage.act' => ['do' => $word, 'value' => $page, 'ids' => Field::ids()],
            'footage.update' => ['name' => $line, 'tags' => $page, 'shared' => Field::flag()],
            'sounds.index' => ['words' => $line, 'mood' => $word, 'page' => $whole],
            'sounds.store' => ['kind' => $word, 'mood' => $word],
            'music.update' => ['mood' => $word, 'name' => Field::text(120)],
            'exports.file' => ['save' => Field::flag()],
            default => [],
        };
    }
}
