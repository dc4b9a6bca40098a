<?php

declare(strict_types=1);

namespace Tests\App;

use App\Media\Making\Maker;
use Illuminate\Support\Facades\Artisan;
use JsonSchema\Validator;
use RapidReel\Making\Mix\MixPlan;
use RapidReel\Plan\Cut\CutJson;

/** What is printed of a short for whoever looks for a fault; what leaves the house has the form it is said to have. */
final class ShortCommandTest extends AppTestCase
{
    /** @return array<string, mixed> */
    private static function printed(int $id, string ...$options): array
    {
        self::assertSame(0, Artisan::call('reel:short', ['id' => (string) $id, ...array_fill_keys($options, true)]));

        return (array) json_decode(Artisan::output(), true, 512, JSON_THROW_ON_ERROR);
    }

    private static function assertFits(string $schema, mixed $data): void
    {
        $data = json_decode((string) json_encode($data, JSON_PRESERVE_ZERO_FRACTION));
        $validator = new Validator;
        $validator->validate($data, json_decode((string) file_get_contents(base_path("docs/schema/$schema"))));
        self::assertSame([], array_slice($validator->getErrors(), 0, 5), $schema);
    }

    public function test_a_short_is_told_with_its_plan_its_parts_and_what_of_them_is_there(): void
    {
        $this->actingAs($this->user());
        $this->library();
        $short = $this->made("# Lamp\nThe lamp went out. A boat came in the fog.", [
            'transition' => 'dissolve', 'look' => 'lamplight', 'title_card' => 1_500, 'progress' => 'top',
            'effect_change' => 'bell',
        ])->shorts[0];
        $before = self::printed($short->id);
        self::assertSame([false, null, [], null], [
            $before['plan']['is_fresh'], $before['plan']['cut'], $before['segments'], $before['mix'],
        ]);
        $this->work(...['--queue' => 'plans']);

        $told = self::printed($short->id, '--recipes');
        $cut = $short->refresh()->plannedCut() ?? self::fail('It is not planned.');
        self::assertTrue($told['plan']['is_fresh']);
        self::assertSame($cut->report(), $told['plan']['cut']);
        self::assertSame(MixPlan::whole($cut)->key(), $told['mix']['key']);
        self::assertGreaterThan(2, count($told['segments']));
        foreach ($told['segments'] as $segment) {
            self::assertSame([false, $segment['frames']], [$segment['is_there'], $segment['recipe']['frames']]);
            self::assertFits('recipe.schema.json', $segment['recipe']);
        }
        self::assertFits('mix.schema.json', $told['mix']['recipe']);
        self::assertFits('cut.schema.json', json_decode(CutJson::encode($cut), true));

        $this->putJson("/scenes/{$short->scenes[0]->id}", ['text' => 'Another lamp went out.'])->assertOk();
        self::assertFalse(self::printed($short->id)['plan']['is_fresh']);
        self::assertFalse(app(Maker::class)->isThere(MixPlan::whole($cut)));
    }

    public function test_a_number_that_no_short_has_is_said_to_be_none(): void
    {
        foreach (['0', '99999', 'x', '-1'] as $odd) {
            self::assertNotSame(0, Artisan::call('reel:short', ['id' => $odd]), $odd);
        }
    }
}
