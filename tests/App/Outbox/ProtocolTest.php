<?php

declare(strict_types=1);

namespace Tests\App\Outbox;

use App\Desks\Outbox\OutletDesk;
use App\Gateways\Outlets\FailureKind;
use App\Gateways\Outlets\OutletFailure;
use App\Gateways\Outlets\Parcel;
use App\Gateways\Outlets\SentState;
use Illuminate\Http\Client\Request;
use Illuminate\Support\Facades\Http;
use JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use RapidReel\Making\Publish\Listing\Listing;

/** What is said to a publishing service and what it answers, held against docs/publishing-service.openapi.json. */
final class ProtocolTest extends OutboxCase
{
    /** @return list<string> what is wrong with it */
    private static function against(string $schema, mixed $told): array
    {
        $document = json_decode((string) file_get_contents(base_path('docs/publishing-service.openapi.json')));
        $validator = new Validator;
        $told = json_decode(json_encode($told, JSON_THROW_ON_ERROR));
        $validator->validate($told, $document->components->schemas->{$schema});

        return array_column($validator->getErrors(), 'message');
    }

    private static function parcel(string $file): Parcel
    {
        return new Parcel(
            'key-of-this-parcel', '01-lamp', $file, (int) filesize($file), (string) hash_file('sha256', $file),
            new Listing('Lamp', "Two\nlines", ['lamp'], 'en'),
        );
    }

    public function test_what_is_asked_and_answered_is_as_the_document_says_and_pieces_go_on_where_they_broke(): void
    {
        $outlet = $this->service(place: ['piece_bytes' => 65_536]);
        $door = app(OutletDesk::class)->door($outlet);
        $file = self::clip('parcel.mp4', 3);
        self::assertNull($door->find('key-of-this-parcel'));
        $said = [];
        Http::globalRequestMiddleware(static function ($request) use (&$said) {
            $said[] = [$request->getMethod().' '.$request->getUri()->getPath(), (string) $request->getBody()];
            $request->getBody()->rewind();

            return $request;
        });
        try {
            $door->send(self::parcel($file), static function (int $percent): void {
                if ($percent > 40) {
                    throw OutletFailure::later('broken off');
                }
            });
            self::fail('It was broken off.');
        } catch (OutletFailure) {
            self::assertSame(SentState::Arriving, $door->find('key-of-this-parcel')?->state);
        }
        $before = count(array_filter($said, static fn (array $one): bool => str_starts_with($one[0], 'PATCH')));
        $sent = $door->send(self::parcel($file), static function (): void {
        });
        $pieces = count(array_filter($said, static fn (array $one): bool => str_starts_with($one[0], 'PATCH')));
        self::assertSame((int) ceil(filesize($file) / 65_536), $pieces, 'No piece is brought twice.');
        self::assertGreaterThan(0, $before);
        self::assertContains($sent->state, [SentState::Processing, SentState::Posted]);
        self::assertSame([], self::against('NewPost', json_decode($said[0][1])));

        $token = $outlet->refresh()->tokens['access'] ?? '';
        $found = Http::withToken($token)->get("$this->address/posts", ['key' => 'key-of-this-parcel']);
        self::assertSame([], self::against('Post', $found->json('posts')[0]));
        $results = Http::withToken($token)->get("$this->address/results", ['ids' => $sent->id]);
        self::assertSame([], self::against('Result', $results->json('results')[0]));
        $refused = Http::withToken($token)->post("$this->address/posts", ['key' => 'short']);
        self::assertSame(422, $refused->status());
        self::assertSame([], self::against('Error', $refused->json()));
        self::assertSame(hash_file('sha256', $file), hash_file('sha256', "$this->kept/service/files/$sent->id.mp4"));
    }

    /** @return iterable<string, array{mixed, int, array<string, string>, FailureKind, int|null}> */
    public static function answers(): iterable
    {
        yield 'a page' => ['<html>Soon</html>', 200, [], FailureKind::Later, null];
        yield 'another post' => [
            ['id' => 'x', 'key' => 'another', 'state' => 'public', 'offset' => 0], 200, [], FailureKind::Later, null,
        ];
        yield 'an unheard-of state' => [
            ['id' => 'x', 'key' => 'key-of-this-parcel', 'state' => 'eaten'], 200, [], FailureKind::Later, null,
        ];
        yield 'an id that leads away' => [
            ['id' => '../../me', 'key' => 'key-of-this-parcel', 'state' => 'arriving'],
            200, [], FailureKind::Later, null,
        ];
        yield 'too many' => [['error' => 'Slowly'], 429, ['Retry-After' => '120'], FailureKind::Later, 120];
        yield 'broken' => [['error' => 'Oh'], 503, ['Retry-After' => 'nonsense'], FailureKind::Later, null];
        yield 'refused' => [['error' => 'Too long by 3 s'], 422, [], FailureKind::Refused, null];
        yield 'led elsewhere' => ['', 302, ['Location' => 'http://127.0.0.1/'], FailureKind::Later, null];
        yield 'a list' => [[1, 2, 3], 200, [], FailureKind::Later, null];
    }

    /** @param  array<string, string>  $headers */
    #[DataProvider('answers')]
    public function test_whatever_it_answers_is_understood_or_tried_again(
        mixed $body,
        int $status,
        array $headers,
        FailureKind $kind,
        ?int $after,
    ): void {
        $this->places(['services' => [[
            'id' => 'standin', 'name' => 'Stand-in', 'url' => 'http://service.test', 'client_id' => 'x',
        ]]]);
        $outlet = app(OutletDesk::class)->add($this->channel(), 'standin', '');
        $outlet->update(['tokens' => ['access' => 'a', 'refresh' => 'r', 'ends' => PHP_INT_MAX]]);
        Http::fake(static fn (Request $request) => Http::response($body, $status, $headers));
        try {
            app(OutletDesk::class)->door($outlet)->send(self::parcel(self::clip()), static function (): void {
            });
            self::fail('That is no answer.');
        } catch (OutletFailure $failure) {
            self::assertSame([$kind, $after], [$failure->kind, $failure->afterSeconds]);
            self::assertNotSame('', $failure->getMessage());
        }
    }
}
