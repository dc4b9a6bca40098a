<?php

declare(strict_types=1);

namespace App\Desks\Editing\House;

use App\Media\Probing\UnusableMedia;
use App\Media\Process\ToolFailed;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use App\Shelves\Library\FootageImporter;
use App\Shelves\Library\LogoDesk;
use App\Shelves\Library\TableDesk;
use App\Shelves\Library\TypefaceDesk;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Typeface;
use RapidReel\Base\Refusal;

/** Brings what comes in the file of a house style into its channel: logos, tables, faces and footage. */
final readonly class HouseParts
{
    public function __construct(
        private MediaStore $store,
        private LogoDesk $logos,
        private TypefaceDesk $faces,
        private TableDesk $tables,
        private FootageImporter $importer,
    ) {
    }

    /**
     * @return array{array<string, string>, list<string>} new ids by those in the file, and what was wrong
     *
     * @throws StrangePlace
     * @throws ToolFailed
     */
    public function bring(Channel $channel, HouseFile $file): array
    {
        $renamed = $problems = [];
        $folder = $this->store->workFolder();
        try {
            foreach ($file->files as $number => $one) {
                $place = "$folder/$number";
                try {
                    $this->store->write($place, $file->contents($one));
                    $renamed[$one['id']] = match ($one['kind']) {
                        'logo' => $this->logos->bring($channel, $place, $one['name'])->picture,
                        'table' => $this->tables->bring($channel, $place, $one['name'])->hash,
                        'face' => $this->face($channel, $place),
                        default => $this->footage($channel, $place, $one['name'], $one['kind']),
                    };
                } catch (Refusal $problem) {
                    $problems[] = $problem->getMessage();
                }
                $this->store->discard($place);
            }
        } finally {
            $this->store->discard($folder);
        }

        return [$renamed, $problems];
    }

    /**
     * @return string its number here
     *
     * @throws UnusableMedia
     */
    private function footage(Channel $channel, string $file, string $name, string $tag): string
    {
        $footage = $this->importer->footage($channel, $file, $name, [$tag]);
        // The same may have been here before, for something else.
        $tags = array_unique([...$footage->tagList(), $tag]);
        $footage->update(['tags' => implode(', ', $tags)]);

        return (string) $footage->id;
    }

    /**
     * @throws Refusal
     * @throws ToolFailed
     */
    private function face(Channel $channel, string $file): string
    {
        $called = $this->faces->bring($channel, $file);

        return (string) Typeface::at($channel)->where('name', $called)->orderByDesc('id')->value('face');
    }
}
