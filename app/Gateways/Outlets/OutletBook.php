<?php

declare(strict_types=1);

namespace App\Gateways\Outlets;

use Illuminate\Support\Facades\Validator;
use RapidReel\Base\Refusal;

/**
 * The places that shorts can be brought to: a file that whoever runs the machine writes, as JSON. Addresses, folders
 * and passwords are nothing that a page asks for. See docs/outlets.md.
 */
final readonly class OutletBook
{
    private const TOGETHER = [
        'id' => ['required', 'string', 'regex:/^[a-z0-9-]{1,30}$/'],
        'name' => ['string', 'max:60'],
        'timeout' => ['integer', 'between:1,600'],
    ];

    private const RULES = [
        'folders' => ['path' => ['required', 'string', 'starts_with:/']],
        'disks' => [
            'bucket' => ['required', 'string', 'max:100'],
            'region' => ['required', 'string', 'max:60'],
            'endpoint' => ['string', 'url:http,https'],
            'key' => ['required', 'string'],
            'secret' => ['required', 'string'],
            'prefix' => ['string', 'max:200'],
            'path_style' => ['boolean'],
        ],
        'sftp' => [
            'host' => ['required', 'string', 'max:200'],
            'port' => ['integer', 'between:1,65535'],
            'username' => ['required', 'string'],
            'password' => ['required_without:private_key', 'string'],
            'private_key' => ['required_without:password', 'string'],
            'fingerprint' => ['required', 'string'],
            'root' => ['required', 'string'],
        ],
        'services' => [
            'url' => ['required', 'string', 'url:http,https'],
            'client_id' => ['required', 'string', 'max:200'],
            'client_secret' => ['string', 'max:200'],
            'piece_bytes' => ['integer', 'between:65536,67108864'],
        ],
    ];

    /** @param  string  $usual  the folder that is there where no file says otherwise */
    public function __construct(
        private string $file,
        private string $usual,
    ) {
    }

    /**
     * @return array<string, OutletPlace> by id
     *
     * @throws Refusal when the file is there and cannot be read
     */
    public function all(): array
    {
        if (! is_file($this->file)) {
            return ['folder' => new OutletPlace(
                'folder', 'Folder on this machine', PlaceKind::Folder, ['path' => $this->usual],
            )];
        }
        $data = json_decode((string) file_get_contents($this->file), true);
        if (! is_array($data)) {
            throw new Refusal('The file of outlets is not JSON. Whoever runs this machine can mend it.');
        }
        $places = [];
        foreach (PlaceKind::cases() as $kind) {
            foreach (array_values((array) ($data[$kind->value] ?? [])) as $number => $row) {
                $place = self::place($kind, (array) $row, "$kind->value, number ".($number + 1));
                $places[$place->id] = isset($places[$place->id])
                    ? throw new Refusal("In the file of outlets two are called “{$place->id}”.")
                    : $place;
            }
        }

        return $places;
    }

    /** @throws Refusal */
    public function get(string $id): ?OutletPlace
    {
        return $this->all()[$id] ?? null;
    }

    /**
     * @param  array<array-key, mixed>  $row
     *
     * @throws Refusal
     */
    private static function place(PlaceKind $kind, array $row, string $where): OutletPlace
    {
        $checked = Validator::make($row, [...self::TOGETHER, ...self::RULES[$kind->value]]);
        if ($checked->fails()) {
            throw new Refusal("In the file of outlets, $where: ".$checked->errors()->first());
        }
        /** @var array<string, mixed> $set */
        $set = $checked->validated();
        $id = is_string($set['id'] ?? null) ? $set['id'] : '';

        return new OutletPlace($id, is_string($set['name'] ?? null) ? $set['name'] : $id, $kind, $set);
    }
}
