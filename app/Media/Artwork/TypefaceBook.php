<?php

declare(strict_types=1);

namespace App\Media\Artwork;

use App\Ground\Work\Folder;
use App\Media\Store\DamagedPart;
use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use RapidReel\Base\Refusal;
use RapidReel\Base\Typeface\BrokenTypeface;
use RapidReel\Base\Typeface\FontFile;
use RapidReel\Base\Typeface\TypefaceSet;

/**
 * The faces that captions are set in: those that ship, and those that operators brought. A brought one is known by what
 * is in its file, so that a recipe which names it means the same on every machine that sees the media disk.
 */
final class TypefaceBook
{
    /** Before the hash of a file that was brought. */
    public const OWN = 'own-';

    /** By id: file, and what it is for. */
    private const SHIPPED = [
        'condensed' => ['SofiaSansExtraCondensed_900Black', 'Condensed'],
        'narrow' => ['BarlowCondensed_800ExtraBold', 'Narrow'],
        'plain' => ['Commissioner_900Black', 'Plain'],
        'soft' => ['Rubik_800ExtraBold', 'Soft corners'],
        'round' => ['Baloo2_800ExtraBold', 'Round'],
        'wide' => ['Unbounded_800ExtraBold', 'Wide'],
        'humanist' => ['NotoSans_900Black', 'Open, for most letters'],
        'slab' => ['AlfaSlabOne_400Regular', 'Slab serif'],
        'bookish' => ['Alegreya_900Black', 'Bookish serif'],
        'mono' => ['AzeretMono_800ExtraBold', 'Typewriter'],
        'handwritten' => ['Kalam_700Bold', 'Handwritten'],
    ];

    /** Those that stand in for what another lacks, best first. */
    private const STAND_INS = [
        'humanist' => 'NotoSans_900Black',
        'hebrew' => 'NotoSansHebrew_900Black',
        'arabic' => 'NotoKufiArabic_900Black',
        'thai' => 'NotoSansThai_900Black',
        'japanese' => 'MPLUS1p_900Black',
        'chinese' => 'ZCOOLQingKeHuangYou_400Regular',
        'korean' => 'BlackHanSans_400Regular',
        'emoji' => 'NotoEmoji_700Bold',
    ];

    /** @var array<string, FontFile> */
    private array $read = [];

    /** @var array<string, bool> whether a file is what was brought, by id and seal */
    private array $whole = [];

    /** @param  string  $folder  with the files of those that ship */
    public function __construct(
        private readonly MediaStore $store,
        private readonly string $folder,
    ) {
    }

    /** @return array<string, string> what the faces that ship are for, by id */
    public static function shipped(): array
    {
        return array_map(static fn (array $one): string => $one[1], self::SHIPPED);
    }

    /**
     * Those that ship, and some that were brought, as far as they are still there.
     *
     * @param  array<string>  $ids
     *
     * @throws StrangePlace
     */
    public function set(array $ids = []): TypefaceSet
    {
        $faces = [];
        foreach ([...array_keys(self::SHIPPED), ...array_keys(self::STAND_INS), ...$ids] as $id) {
            if (! isset($faces[$id]) && $this->has($id)) {
                $faces[$id] = fn (): FontFile => $this->face($id);
            }
        }

        return new TypefaceSet($faces, array_keys(self::STAND_INS), 'chinese');
    }

    /**
     * @param  array<string>  $ids
     *
     * @throws DamagedPart when one of them was brought, and is not there as it was
     * @throws StrangePlace
     */
    public function ask(array $ids): void
    {
        foreach (array_unique($ids) as $id) {
            if (str_starts_with($id, self::OWN) && ! $this->has($id)) {
                throw DamagedPart::face();
            }
        }
    }

    /**
     * @throws BrokenTypeface
     * @throws StrangePlace
     */
    public function face(string $id): FontFile
    {
        return $this->read[$id] ??= FontFile::read((string) file_get_contents($this->file($id)));
    }

    /**
     * Whether the file of one that was brought is what was brought.
     *
     * @throws StrangePlace
     */
    private function isWhole(string $id): bool
    {
        $file = $this->file($id);
        $seal = is_file($file) ? KeptFiles::sealOf($file) : '';
        // Hashes of the kind that ids are of take longer: one that was compared is known by its seal.
        if ($seal !== '' && ! isset($this->whole["$id $seal"])) {
            $this->whole["$id $seal"] = self::idOf((string) file_get_contents($file)) === $id;
        }

        return $seal !== '' && $this->whole["$id $seal"];
    }

    /**
     * Where the file of a face is.
     *
     * @throws StrangePlace
     */
    public function file(string $id): string
    {
        if (str_starts_with($id, self::OWN)) {
            return $this->store->keyed('faces', substr($id, strlen(self::OWN)), 'ttf');
        }
        $name = self::SHIPPED[$id][0] ?? self::STAND_INS[$id] ?? self::SHIPPED['condensed'][0];

        return "{$this->folder}/$name.ttf";
    }

    /** @throws StrangePlace */
    public function has(string $id): bool
    {
        return isset(self::SHIPPED[$id]) || isset(self::STAND_INS[$id])
            || (str_starts_with($id, self::OWN) && $this->isWhole($id));
    }

    /** The id of a file by what is in it. */
    public static function idOf(string $bytes): string
    {
        return self::OWN.substr(hash('sha256', $bytes), 0, 32);
    }

    /**
     * Keeps a file that was brought, tried before by whoever brings it.
     *
     * @return string the id that it has from now on
     *
     * @throws StrangePlace
     */
    public function keep(string $bytes): string
    {
        $id = self::idOf($bytes);
        if (! $this->has($id)) {
            $this->store->put($this->file($id), $bytes);
        }

        return $id;
    }

    /**
     * Lays the files of some faces into a folder, for a renderer to find no others.
     *
     * @param  list<string>  $ids
     *
     * @throws Refusal when one is gone
     */
    public function lay(array $ids, string $folder): void
    {
        Folder::make($folder);
        $this->ask($ids);
        foreach ($ids as $i => $id) {
            symlink((string) realpath($this->file($id)), "$folder/$i.ttf");
        }
    }
}
