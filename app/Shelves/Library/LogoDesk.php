<?php

declare(strict_types=1);

namespace App\Shelves\Library;

use App\Media\Artwork\LogoReader;
use App\Shelves\Levels\Registrar;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Logo;
use RapidReel\Base\Refusal;

/** Logos that operators bring. */
final readonly class LogoDesk
{
    private const MOST = 30;

    public function __construct(
        private LogoReader $reader,
        private Registrar $registrar,
    ) {
    }

    /**
     * @param  string  $name  what the operator calls the file
     *
     * @throws Refusal when it is no logo
     */
    public function bring(Channel $channel, string $file, string $name): Logo
    {
        if (Logo::at($channel)->count() >= self::MOST) {
            throw new Refusal(sprintf('A channel takes at most %d logos. Delete one first.', self::MOST));
        }
        $read = $this->reader->read($file, $name);
        $known = Logo::at($channel)->where('picture', $read['picture'])->first() ?? $channel->its(Logo::class)->create([
            ...$read,
            'name' => FootageImporter::plainName($name),
        ]);
        $this->registrar->forget();

        return $known;
    }

    /** Its picture stays: shorts that have it can still be rendered. */
    public function drop(Logo $logo): void
    {
        $logo->delete();
        $this->registrar->forget();
    }
}
