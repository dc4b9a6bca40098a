<?php

declare(strict_types=1);

namespace App\Desks\Intake;

use App\Shelves\Likeness\LikenessBook;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Cut\Flag;
use RapidReel\Plan\Cut\FlagCode;
use RapidReel\Plan\Review\Fingerprint;
use RapidReel\Text\Arrival\Article;
use RapidReel\Text\Arrival\Articles;

/** What is to be said of scripts that came together: articles copied in one, and the same hook or script twice. */
final readonly class IntakeFlags
{
    public function __construct(private LikenessBook $likenesses)
    {
    }

    /**
     * @param  array<int, PlannedScript>  $planned  by their place in the intake, from 0
     * @param  int|null  $channelId  whose earlier shorts count too
     * @return array<int, list<Flag>>
     *
     * @throws Refusal
     */
    public function of(array $planned, ?int $channelId): array
    {
        $flags = array_map(static function (PlannedScript $one): array {
            $articles = Articles::in($one->script);

            return $articles === []
                ? []
                : [
                    new Flag(
                        FlagCode::SeveralArticles,
                        sprintf(
                            '%d articles seem to be in it: %s.',
                            count($articles),
                            implode(
                                ', ',
                                array_map(static fn (Article $article): string => "“{$article->title}”", $articles),
                            ),
                        ),
                    ),
                ];
        }, $planned);
        $places = array_keys($planned);
        $fingerprints = array_map(
            static fn (PlannedScript $one): Fingerprint => Fingerprint::of($one->scenes),
            array_values($planned),
        );
        foreach (Fingerprint::alike($fingerprints) as [$first, $second, $likeness]) {
            foreach ([[$first, $second], [$second, $first]] as [$one, $other]) {
                $flags[$places[$one]][] = $likeness->flag(
                    sprintf('script %d, “%s”', $places[$other] + 1, $planned[$places[$other]]->script->title),
                );
            }
        }
        foreach ($channelId === null ? [] : $this->likenesses->against($channelId, $fingerprints) as $i => $flag) {
            $flags[$places[$i]][] = $flag;
        }

        return $flags;
    }
}
