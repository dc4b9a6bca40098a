<?php

declare(strict_types=1);

namespace Tests\App;

use App\Shelves\Models\Short;

/** The short on which the house style is seen. */
final class HousePreviewTest extends AppTestCase
{
    private const TALE = "# Lamp\nThe lamp burned. Nobody saw it.\nThe bell rang.";

    /** @return array<string, mixed>|null */
    private function preview(): ?array
    {
        return $this->getJson('/house/state?preview=1')->assertOk()->json('preview');
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
