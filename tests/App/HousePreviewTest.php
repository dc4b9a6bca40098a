<?php

declare(strict_types=1);

namespace Tests\App;

use App\Shelves\Models\Footage;
use App\Shelves\Models\Short;
use App\Shelves\Models\User;
use RapidReel\Base\Colour\Looks;
use RapidReel\Pictures\Framing\Framing;
use RapidReel\Plan\Choice\TransitionKind;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The short on which the house style is seen. */
final class HousePreviewTest extends AppTestCase
{
    private const TALE = "# Lamp\nThe lamp burned. Nobody saw it.\nThe bell rang.";

    /** @return array<string, mixed>|null */
    private function preview(): ?array
    {
        return $this->getJson('/house/state?preview=1')->assertOk()->json('preview');
    }

    public function test_what_a_choice_comes_to_is_seen_before_it_is_made_and_by_nobody_else(): void
    {
        $this->actingAs($this->user());
        $this->library();
        $of = Footage::query()->where('name', 'like', '%whale%')->firstOrFail();
        $seen = function (string $setting, string $choice) use ($of): string {
            $answer = $this->get("/house/$setting/$of->id/$choice.jpg")->assertOk()
                ->assertHeader('Content-Type', 'image/jpeg');
            $file = $answer->baseResponse instanceof BinaryFileResponse ? $answer->baseResponse->getFile() : '';
            $bytes = (string) file_get_contents((string) $file);
            [$width, $height] = getimagesizefromstring($bytes) ?: self::fail("$setting: $choice");
            self::assertSame([180, 240], [$width, $height]);

            return $bytes;
        };
        foreach ([
            'look' => ['none', ...array_keys(Looks::labels())],
            'framing' => ['middle', 'blur', 'plain', 'gradient'],
            'transition' => array_column(TransitionKind::cases(), 'value'),
        ] as $setting => $choices) {
            $pictures = array_map(static fn (string $choice): string => $seen($setting, $choice), $choices);
            self::assertCount(count($choices), array_unique($pictures), "Each $setting is seen as another.");
        }
        foreach (Framing::cases() as $framing) {
            $seen('framing', $framing->value);
        }
        $this->get("/house/framing/$of->id/sideways.jpg")->assertNotFound();
        $this->get("/house/transition/$of->id/none.jpg")->assertNotFound();
        $page = $this->get('/house')->assertOk();
        foreach (['Looks', 'Framings', 'Transitions'] as $what) {
            $page->assertSee("$what to choose from");
        }

        $other = User::query()->create(['name' => 'O', 'email' => 'o@example.test', 'password' => 'a long password']);
        $this->actingAs($other)->get("/house/framing/$of->id/blur.jpg")->assertNotFound();
    }

    public function test_a_short_is_shown_as_soon_as_it_is_planned_and_made_for_it(): void
    {
        $this->actingAs($this->user());
        $this->library();
        self::assertNull($this->preview(), 'a channel without shorts');
        $this->made(self::TALE);
        self::assertNull($this->preview(), 'nothing is planned');
        $this->work(...['--queue' => 'plans']);

        $soon = $this->preview();
        self::assertSame(['01 Lamp', null, true], [$soon['name'], $soon['proof'], $soon['working']]);
        Short::query()->update(['proof_problem' => 'The disk is full.']);
        $stuck = $this->preview();
        self::assertSame(['The disk is full.', false], [$stuck['problem'], $stuck['working']]);
        $this->postJson($soon['order'])->assertSuccessful();
        $this->work(...['--queue' => 'looks']);
        $shown = $this->preview();
        self::assertFalse($shown['working']);
        $this->get($shown['proof'])->assertOk()->assertHeader('Content-Type', 'video/mp4');
        self::assertSame($soon['moments'], $shown['moments']);
        self::assertLessThan($shown['moments'][1], $shown['moments'][0]);
        self::assertLessThan($shown['seconds'], $shown['moments'][2]);
    }
}
