<?php

declare(strict_types=1);

namespace App\Makers\Planning;

use App\Media\Process\ToolFailed;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use App\Shelves\Models\Short;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Brief\Brief;
use RapidReel\Plan\Brief\BriefList;
use RapidReel\Plan\Brief\BriefWriter;
use RapidReel\Plan\Brief\Figures;
use RapidReel\Plan\Brief\ShotWords;
use ZipArchive;

/** Briefs for the pictures of shorts: what every shot should show, in the channel's style words. */
final readonly class BriefDesk
{
    public function __construct(
        private CutMaker $cuts,
        private SceneTasks $tasks,
        private MediaStore $store,
    ) {
    }

    /**
     * @return list<Brief> one for every shot, in order
     *
     * @throws Refusal
     * @throws ToolFailed
     */
    public function of(Short $short): array
    {
        $channel = $short->batch->channel;
        $tasks = $this->tasks->of($short);
        $voiced = $this->cuts->voiced($tasks);
        $pacer = $tasks[0]->pacer();
        $shots = [];
        foreach ($pacer->spans($voiced) as $number => $span) {
            foreach ($span->shots as $i => $shot) {
                $shots[] = new ShotWords(
                    $number,
                    $i,
                    $voiced[$number]->take->saying($shot->firstWord, $shot->endWord),
                    $voiced[$number]->scene->brief,
                    $pacer->grid->msOf($shot->startFrame),
                    $pacer->grid->msOf($shot->endFrame),
                    $voiced[$number]->scene->text,
                    $shot->firstWord,
                );
            }
        }

        return (new BriefWriter(
            $short->subject(),
            $channel->style_words,
            $channel->forbiddenWords(),
            Figures::read($channel->figures),
            $channel->viewList(),
            $tasks[0]->voice->language,
        ))->write($shots);
    }

    /**
     * A text and a table for each short.
     *
     * @param  list<Short>  $shorts
     * @return string path of a ZIP that the caller deletes
     *
     * @throws StrangePlace
     * @throws Refusal
     * @throws ToolFailed
     */
    public function archive(array $shorts): string
    {
        $zip = new ZipArchive;
        $path = $this->store->workFolder().'/briefs.zip';
        $zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE);
        foreach ($shorts as $short) {
            $briefs = $this->of($short);
            $zip->addFromString($short->fileName().'-briefs.txt', BriefList::plain($briefs));
            $zip->addFromString($short->fileName().'-briefs.csv', BriefList::csv($briefs));
        }
        $zip->close();

        return $path;
    }
}
