<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Short;

use App\Desks\Editing\Snapshot;
use App\Shelves\Levels\Registrar;
use App\Shelves\Models\Edit;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Short;

/** A short as it was before a change. */
final readonly class EarlierState
{
    public function __construct(
        private Snapshot $snapshots,
        private Registrar $registrar,
    ) {
    }

    public function of(Short $short, Edit $edit): EarlierStateView
    {
        $data = $this->snapshots->read($this->snapshots->load($short), $edit->before);
        $registry = $this->registrar->of($short->batch->channel);
        $names = Footage::query()->pluck('name', 'id')->all();
        $say = static function (array $own) use ($registry): string {
            $said = [];
            foreach ($own as $key => $value) {
                $setting = $registry->all()[$key] ?? null;
                if ($setting !== null) {
                    $said[] = lcfirst($setting->label).' '.$setting->type->says($value);
                }
            }

            return implode(' · ', $said);
        };
        $scenes = [];
        foreach ($data['scenes'] as $scene) {
            $scenes[] = new EarlierScene(
                $scene['role'],
                $scene['text'],
                $say($scene['settings']),
                implode(
                    ', ',
                    array_map(
                        static fn (array $shot): string => ($names[(int) $shot['footage']] ??
                            'no longer in the library').
                            ($shot['locked'] ? ' (chosen)' : ''),
                        array_filter($scene['shots'], static fn (array $shot): bool => $shot['footage'] !== null),
                    ),
                ),
            );
        }

        return new EarlierStateView(
            $short,
            $edit,
            $data['title'],
            $say($data['settings']),
            $data['deleted'],
            $scenes,
            $data['hooks'],
        );
    }
}
