<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Editing\SettingsDesk;
use App\Doors\Http\OnlyLooks;
use App\Doors\Http\Presenters\Settings\SettingGroup;
use App\Doors\Http\Presenters\Settings\SettingsPanel;
use App\Shelves\Models\Access;
use App\Shelves\Models\Role;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Settings\Level;

/** Every setting, at every level, goes this one way. */
final class SettingsController extends Controller
{
    use TakesChoices;

    public function set(Request $request, SettingsDesk $desk): JsonResponse
    {
        $level = $this->level($request->input('level')) ?? throw new Refusal('Say at which level it is to be set.');
        $whole = $request->input('whole');
        $value = $request->input('value');
        $user = $this->user($request)->id;
        $channel = Access::channels($user)->findOrFail($this->ids($request->input('channel'))[0] ?? 0);
        Access::role($user, $channel->id) !== Role::Look || OnlyLooks::refuse();
        $key = $request->input('key');
        // An empty field is no wish to inherit: that is said in so many words.
        $isInherited = $request->boolean('inherit');
        if (! is_string($key) || (! is_scalar($value) && $value !== null)) {
            throw new Refusal('Say what is to be set, and to which value.');
        }

        return response()->json(['said' => $desk->set(
            $channel,
            $level,
            $this->ids($request->input('ids')),
            $key,
            $isInherited ? null : (string) $value,
            $whole === null ? null : ($this->level($whole) ?? throw new Refusal('There is no such level.')),
        )]);
    }

    /** All that can be set for one batch, short, scene or shot. */
    public function show(Request $request, SettingsPanel $panel, string $level, int $of): JsonResponse
    {
        $at = Level::tryFrom($level) ?? abort(404);

        $groups = $panel->of($this->user($request), $at, $of);
        $own = array_sum(array_map(static fn (SettingGroup $group): int => $group->own(), $groups));

        return response()->json([
            'html' => view('settings._panel', ['groups' => $groups, 'name' => "$level-$of"])->render(),
            'own' => $own === 0 ? '' : "$own set",
        ]);
    }

    private function level(mixed $given): ?Level
    {
        return is_string($given) ? Level::tryFrom($given) : null;
    }
}
