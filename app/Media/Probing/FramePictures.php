<?php

declare(strict_types=1);

namespace App\Media\Probing;

use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;

/** Single frames of a video as JPEG, for somebody to look at. */
final readonly class FramePictures
{
    public function __construct(
        private MediaTools $tools,
        private MediaStore $store,
    ) {
    }

    /**
     * @param  list<int>  $moments  in ms
     * @return list<string> as far as the video has them
     *
     * @throws ToolFailed
     * @throws StrangePlace
     */
    public function of(string $video, array $moments, int $width): array
    {
        $folder = $this->store->workFolder();
        try {
            $arguments = ['-loglevel', 'error'];
            foreach ($moments as $ms) {
                array_push($arguments, '-ss', sprintf('%.3f', max(0, $ms) / 1000), ...$this->tools->input($video));
            }
            foreach (array_keys($moments) as $i) {
                array_push(
                    $arguments, '-map', "$i:v:0", '-frames:v', '1', '-vf',
                    "scale=$width:-2:flags=area,format=yuvj420p", '-q:v', '5', '-update', '1', "$i.jpg",
                );
            }
            $this->tools->run($arguments, 'Taking pictures for the contact sheet', $folder);
            $found = array_map(
                static fn (int $i): string => is_file("$folder/$i.jpg")
                    ? (string) file_get_contents("$folder/$i.jpg")
                    : '',
                array_keys($moments),
            );

            return array_values(array_filter($found, static fn (string $one): bool => $one !== ''));
        } finally {
            $this->store->discard($folder);
        }
    }
}
