<?php

declare(strict_types=1);

namespace Tests\App;

use App\Desks\Editing\BatchMaker;
use App\Desks\Editing\EditBook;
use App\Desks\Intake\ScriptFiles;
use App\Shelves\Levels\Registrar;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Scene;
use App\Shelves\Models\Short;
use Illuminate\Support\Facades\Queue;
use PHPUnit\Framework\Attributes\DataProvider;
use RapidReel\Base\Values;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\Registry;
use RapidReel\Plan\Settings\Setting;
use RapidReel\Plan\Settings\Type\ChoiceType;
use RapidReel\Plan\Settings\Type\LineType;
use RapidReel\Plan\Settings\Type\NamesType;
use RapidReel\Plan\Settings\Type\PatternType;
use RapidReel\Plan\Settings\Type\SeveralType;
use RapidReel\Plan\Settings\Type\SeveritiesType;
use RapidReel\Plan\Settings\Type\SplitType;
use RapidReel\Plan\Settings\Type\TextType;

/** A setting is made at a level, holds below it, and is taken back. */
final class SettingsTest extends AppTestCase
{
    private const SCRIPT = "Two lamps burned at Calder Ness. The second was nobody's. It burned for nine years, and "
        .'then it stopped.';

    private Short $short;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->actingAs($this->user());
        $this->library();
        $this->short = $this->made(self::SCRIPT)->shorts[0];
        foreach ($this->short->scenes as $scene) {
            $scene->shots()->create(['word' => 0, 'footage_id' => Footage::query()->value('id')]);
        }
        $this->short->refresh()->unsetRelations();
    }

    public function test_the_nearest_level_wins_and_taking_it_back_inherits_again(): void
    {
        $scene = $this->short->scenes[1];
        $this->put_('channel', $this->channel()->id, '80');
        self::assertSame([80, Level::Channel], $this->speed($scene));
        $this->put_('batch', $this->short->batch_id, '90');
        self::assertSame([90, Level::Batch], $this->speed($scene));
        $this->put_('short', $this->short->id, '110');
        self::assertSame([110, Level::Short], $this->speed($scene));
        $this->put_('scene', $scene->id, '120');
        self::assertSame([120, Level::Scene], $this->speed($scene));
        self::assertSame([110, Level::Short], $this->speed($this->short->scenes[0]));

        $this->put_('scene', $scene->id, null);
        $this->put_('short', $this->short->id, null);
        $this->put_('batch', $this->short->batch_id, null);
        self::assertSame([80, Level::Channel], $this->speed($scene));
        $this->put_('channel', $this->channel()->id, null);
        self::assertSame([100, null], $this->speed($scene));
    }

    /** @return iterable<string, array{string}> */
    public static function wider(): iterable
    {
        yield 'short' => ['short'];
        yield 'batch' => ['batch'];
        yield 'channel' => ['channel'];
    }

    #[DataProvider('wider')]
    public function test_used_for_a_wider_level_as_a_whole_it_replaces_what_was_set_within_and_one_undo_gives_all_back(
        string $whole,
    ): void {
        [$first, $second] = [$this->short->scenes[0], $this->short->scenes[1]];
        $this->put_('short', $this->short->id, '95');
        $this->put_('scene', $first->id, '120');
        $this->put_('scene', $second->id, '70');

        $this->put_('scene', $first->id, '120', ['whole' => $whole]);

        self::assertSame([120, Level::from($whole)], $this->speed($first));
        self::assertSame([120, Level::from($whole)], $this->speed($second));

        app(EditBook::class)->undo($this->short->batch);
        self::assertSame([120, Level::Scene], $this->speed($first));
        self::assertSame([70, Level::Scene], $this->speed($second));
        $this->put_('scene', $second->id, null);
        self::assertSame([95, Level::Short], $this->speed($second));
    }

    /**
     * Everything in the registry can be set at every level it names, by the one request, and refuses what it is not.
     */
    public function test_every_setting_is_made_and_taken_back_at_every_level_it_names(): void
    {
        $scene = $this->short->scenes[0];
        $ids = [
            'channel' => $this->channel()->id, 'batch' => $this->short->batch_id, 'short' => $this->short->id,
            'scene' => $scene->id, 'shot' => $scene->shots[0]->id,
        ];
        $registry = app(Registrar::class)->of($this->channel());
        $made = 0;
        foreach ($registry->all() as $key => $setting) {
            foreach (Level::cases() as $level) {
                $value = self::another($registry, $setting);
                if (! $setting->isAt($level)) {
                    $this->setting($level->value, $ids[$level->value], $key, $value)->assertStatus(422);

                    continue;
                }
                $answer = $this->setting($level->value, $ids[$level->value], $key, $value);
                self::assertSame(200, $answer->status(), "$key for a $level->value: ".$answer->json('message'));
                $this->setting($level->value, $ids[$level->value], $key, null)->assertOk();
                // Any words are a text, but not so many.
                [$wrong, $told] = match (true) {
                    $setting->type instanceof TextType => [str_repeat('word ', 500), 'at most'],
                    $setting->type instanceof NamesType,
                    $setting->type instanceof PatternType => ['{no such thing}', 'no such thing'],
                    default => ['no such thing', 'no such thing'],
                };
                $said = $this->setting($level->value, $ids[$level->value], $key, $wrong)
                    ->assertStatus(422)
                    ->json('message');
                self::assertStringContainsString($told, $said, $key);
                $made++;
                $ids =
                    [
                        'scene' => $this->short->refresh()->scenes[0]->id,
                        'shot' => $this->short->scenes[0]->shots[0]->id,
                    ] + $ids;
            }
        }
        self::assertGreaterThan(30, $made);
    }

    public function test_every_setting_of_a_short_may_stand_in_a_column_of_a_table(): void
    {
        $registry = app(Registrar::class)->of($this->channel());
        $row = ['title' => 'Lamp', 'script' => 'One lamp burned for nine years.'];
        foreach ($registry->at(Level::Short) as $key => $setting) {
            $row[$key] = self::another($registry, $setting);
        }
        $lines = [implode(';', array_keys($row)), implode(';', $row)];
        $sources = app(ScriptFiles::class)->fromFile(implode("\n", $lines), 'table.csv');
        $short = app(BatchMaker::class)->make($this->channel(), 'Table', $sources, new Values)->shorts[0];

        self::assertCount(count($row) - 2, $short->settings->own);
        foreach ($short->settings->own as $key => $value) {
            self::assertSame($row[$key], (string) $value, $key);
        }
    }

    private static function another(Registry $registry, Setting $setting): string
    {
        $type = $setting->type;
        if ($type instanceof ChoiceType) {
            return (string) array_key_last($type->options);
        }

        return match (true) {
            $type instanceof SplitType => 'words:4-12',
            $type instanceof SeveralType => 'upto-90,upto-180',
            $type instanceof LineType => '1.5:-3, 4:2',
            $type instanceof TextType => 'The whole tale below',
            $type instanceof SeveritiesType => 'hook-late stops',
            default => (string) $setting->default,
        };
    }

    /** @return array{int, Level|null} */
    private function speed(Scene $scene): array
    {
        $scene = Scene::query()->findOrFail($scene->id);
        $manuscript = $scene->short->manuscript();
        $at = (int) array_search($scene->id, $manuscript->keys, true);
        $settled = app(Resolver::class)->scene($scene->short, $manuscript->scenes[$at]);

        return [$settled->number('speed'), $settled->from('speed')];
    }

    /** @param  array<string, string>  $more */
    private function put_(string $level, int $id, ?string $value, array $more = []): void
    {
        $this->setting($level, $id, 'speed', $value, $more)->assertOk();
    }
}
