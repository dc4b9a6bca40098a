<?php

declare(strict_types=1);

namespace Tests\App;

use App\Doors\Http\Fields;
use Illuminate\Routing\Route as OneRoute;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;

/** Every kind of wrong value at every route: answered with a sentence and 4xx, and nothing is changed by it. */
final class WrongValuesTest extends AppTestCase
{
    use NamesPlaces;

    /** @var array{int, array<string, mixed>}|null how many rows had been written, and what was read then */
    private ?array $read = null;

    /** Nobody can say what is wrong with these, as they take nothing. */
    private const LEFT_OUT = ['up', 'storage/{path}', 'sign-out'];

    /** @return array<string, mixed> */
    private static function wrong(): array
    {
        return [
            'a list' => ['x', 'y'],
            'a list of lists' => [['a' => ['b' => 'c']]],
            'a fraction' => '1.5',
            'below nothing' => '-1',
            'huge' => '99999999999999999999',
            'a word' => 'abc',
            'no UTF-8' => "\xFF\xFE\x80",
            'a control' => "a\0b",
            'very long' => str_repeat('x', 70_000),
            'an object of a language' => 'O:8:"stdClass":0:{}',
            'nothing' => '',
        ];
    }

    public function test_no_value_of_a_field_is_answered_by_a_failure_and_wrong_ones_change_nothing(): void
    {
        $failed = [];
        $asked = 0;
        foreach ($this->routes() as $method => $routes) {
            foreach ($routes as [$name, $uri]) {
                foreach (array_keys(Fields::of($name)) as $field) {
                    // Scripts come from anywhere: what is no text in them is passed over.
                    $isRough = in_array($field, ['text', 'source'], true);
                    $isWrong = static fn (string $what): bool => $what === 'a list of lists'
                        || ($what === 'no UTF-8' && ! $isRough);
                    $values = self::wrong();
                    uksort($values, static fn (string $a, string $b): int => $isWrong($b) <=> $isWrong($a));
                    $before = $this->everything();
                    $isUntouched = true;
                    foreach ($values as $what => $value) {
                        if ($isUntouched && ! $isWrong($what)) {
                            $isUntouched = false;
                            if ($before !== $this->everything()) {
                                $failed[] = "$method $uri, $field is wrong: something was changed";
                            }
                        }
                        $given = [...$this->right($name), $field => $value];
                        $answer = $this->call($method, $uri, $given, server: ['HTTP_ACCEPT' => 'application/json']);
                        $asked++;
                        if ($answer->getStatusCode() >= 500 || ($isWrong($what) && $answer->getStatusCode() < 400)) {
                            $failed[] = "$method $uri, $field is $what: {$answer->getStatusCode()}";
                        }
                        if ($answer->getStatusCode() >= 400 && $answer->json('message') === null) {
                            $failed[] = "$method $uri, $field is $what: {$answer->getStatusCode()} without a sentence";
                        }
                    }
                }
            }
        }

        self::assertSame([], $failed);
        self::assertGreaterThan(700, $asked);
    }

    public function test_no_address_is_answered_by_a_failure_or_names_a_class(): void
    {
        $failed = [];
        foreach ($this->routes(false) as $method => $routes) {
            foreach ($routes as [$name, $uri, $places]) {
                foreach ($places as $place) {
                    foreach (['abc', '-1', '1.5', '99999999999999999999', '%FF%FE', '%00', '0', '1e3'] as $value) {
                        $wrong = str_replace("{{$place}}", $value, $uri);
                        foreach ($this->places as $other => $right) {
                            $wrong = str_replace("{{$other}}", (string) $right, $wrong);
                        }
                        foreach (['application/json', 'text/html'] as $accept) {
                            $answer = $this->call($method, $wrong, server: ['HTTP_ACCEPT' => $accept]);
                            if (
                                $answer->getStatusCode() >= 500 || $answer->getStatusCode() < 400 &&
                                ! in_array($place, ['word', 'token'], true) && ! $answer->isRedirection() ||
                                str_contains((string) $answer->baseResponse->getContent(), 'App\\')
                            ) {
                                $failed[] = "$method $wrong: {$answer->getStatusCode()}";
                            }
                        }
                    }
                }
            }
        }

        self::assertSame([], $failed);
    }

    public function test_a_page_asked_for_wrongly_answers_once_and_in_a_sentence(): void
    {
        $this->get('/footage?search[]=x')->assertStatus(422)->assertSee('takes a text');
        $this->get('/footage?search='.str_repeat('lamp+', 14_000).'x')->assertStatus(422)->assertSee('at most 400');
        $this->get('/batches/0')->assertNotFound()->assertSee('There is nothing here')->assertDontSee('App');
        foreach (['', 'abc', '2.5'] as $value) {
            $this->postJson("/batches/{$this->places['batch']}/acts", ['act' => 'trim', 'value' => $value])
                ->assertStatus(422);
        }
    }

    /** @return array<string, list<array{string, string, list<string>}>> by method: name, address, its parameters */
    private function routes(bool $filled = true): array
    {
        $found = [];
        /** @var OneRoute $route */
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (in_array($route->uri(), self::LEFT_OUT, true)) {
                continue;
            }
            $uri = '/'.ltrim($route->uri(), '/');
            foreach ($filled ? $this->places : [] as $name => $place) {
                $uri = str_replace("{{$name}}", (string) $place, $uri);
            }
            foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                $found[$method][] = [(string) $route->getName(), $uri, $route->parameterNames()];
            }
        }

        return $found;
    }

    /** @return array<string, mixed> what is right in all other fields, so that one alone is judged */
    private function right(string $route): array
    {
        $right = [
            'text' => 'The bell rang.', 'quality' => 'draft', 'later' => '1', 'name' => 'Name', 'act' => 'match',
            'shorts' => [], 'script' => $route === 'sketches.reword' ? 'The bell rang. Nobody came.' : 0, 'line' => 0,
            'run' => 0, 'articles' => [0], 'speed' => 100, 'voice' => 'aldous', 'note' => 0, 'do' => 'keep', 'id' => 0,
            'ms' => 10, 'after' => 0, 'spare' => '1', 'at' => 1, 'footage' => $this->places['footage'],
            'topics' => 'lamps', 'points' => '', 'tone' => 'plain', 'seconds' => 30, 'audience' => '', 'round' => 0,
            'source' => 'The bell rang. Nobody came. It was cold.', 'level' => 'short', 'value' => '90',
            'channel' => $this->places['channel'], 'ids' => [$this->places['short']], 'key' => 'speed', 'search' => '',
            'kind' => '', 'tags' => '', 'email' => 'nobody@lamplight.example', 'password' => 'x',
        ];

        return array_intersect_key($right, Fields::of($route));
    }

    /** @return array<string, list<object>> */
    private function everything(): array
    {
        // Rows are read again where some have been written since.
        $written = (int) DB::scalar('select total_changes()');
        if ($this->read !== null && $this->read[0] === $written) {
            return $this->read[1];
        }
        $rows = [];
        foreach ([
            'batches', 'shorts', 'scenes', 'shots', 'channels', 'footage', 'exports', 'readings', 'users',
        ] as $table) {
            $rows[$table] = DB::table($table)->orderBy('id')->get()
                ->map(static fn (object $row): string => (string) json_encode($row, JSON_INVALID_UTF8_SUBSTITUTE))
                ->all();
        }

        $this->read = [$written, $rows];

        return $rows;
    }
}
