<?php

declare(strict_types=1);

namespace Tests\App;

use App\Desks\Editing\Settler;
use App\Shelves\Levels\Registrar;
use App\Shelves\Models\Short;
use RapidReel\Base\Values;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\Setting;
use RapidReel\Plan\Settings\Type\ChoiceType;

/** What a setting names is not there any more: it was taken away, or a version does not know it. */
final class GoneValuesTest extends AppTestCase
{
    public function test_pages_and_plans_go_on_and_another_value_can_be_set(): void
    {
        $this->actingAs($this->user());
        $this->library();
        $short = $this->made('The lamp went out. Nobody came before dawn.')->shorts[0];
        $this->work();
        $owners = [
            'channel' => $this->channel(), 'batch' => $short->batch, 'short' => $short->refresh(),
            'scene' => $short->scenes[0],
        ];
        $gone = array_map(fn (string $level): array => array_fill_keys(
            array_keys(array_filter(
                app(Registrar::class)->of($this->channel())->at(Level::from($level)),
                static fn (Setting $one): bool => $one->type instanceof ChoiceType && $one->key !== 'voice',
            )),
            'gone-long-ago',
        ), array_combine(array_keys($owners), array_keys($owners)));
        foreach ($owners as $level => $of) {
            $of->update(['settings' => new Values($gone[$level])]);
        }
        app(Settler::class)->inheriting($this->channel());
        $this->work();

        $short = Short::query()->findOrFail($short->id);
        self::assertTrue($short->isPlanned(), (string) $short->problem);
        foreach (['', '/sheet', '/voice', '/captions', '/briefs'] as $page) {
            $this->get("/shorts/{$short->id}$page")->assertOk();
        }
        $this->get("/batches/{$short->batch_id}")->assertOk();
        $this->get('/house')->assertOk();
        foreach ($owners as $level => $of) {
            foreach (array_keys($gone[$level]) as $key) {
                $this->setting($level, $of->id, $key, null)->assertOk();
            }
            self::assertSame([], $of->refresh()->settings->own, $level);
        }
    }
}
