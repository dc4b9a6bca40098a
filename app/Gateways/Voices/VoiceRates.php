<?php

declare(strict_types=1);

namespace App\Gateways\Voices;

use App\Media\MediaStore;
use RapidReel\Script\SpeechRate;
use RapidReel\Voice\DeadAir;
use RapidReel\Voice\SilentTake;
use RapidReel\Voice\TakeCutter;

/** How fast every voice speaks at its speed, fitted to its own speech once and kept. */
final class VoiceRates
{
    private const VERSION = 3;

    /** Invented sentences of all lengths, with pauses and numbers, in the languages that voices speak. */
    private const EXAMPLES = [
        'English' => [
            'Nobody came.', 'The door was open.', 'It rained for nine days.', 'She never told them why.', 'What would you have done?', 'Two boats left the harbour before dawn.',
            'A small fire burned on the beach, and nobody had lit it.', 'In 1911, the bridge was closed to carts.', 'He counted the steps, the windows, and the chairs.',
            'The oldest clock in the valley runs backwards, and it is never late.', 'Follow for the next story.', 'There were 340 letters in the box; every one was empty.',
            'People said that the mountain could hear them, so they whispered when they crossed it.', 'The baker found the ring inside a loaf that he had not baked.',
            'Why does a river without water still have a ferryman?', 'Her grandmother had drawn the map from memory, after a single summer on the island.',
            'By the time the snow melted, three villages had agreed on one name for the same road.', 'Wait… Something moved behind the mill.', 'Every telephone in the station rang at once. The line had been cut for a month.',
            'The inventor sold seven patents, lost the money in a single evening, and began again with a borrowed lathe.', 'It cost £12.50 to cross, and 4 pence to come back.',
            'Nobody understood the machine, but everybody had an opinion about it.', 'A photograph shows the whole orchestra asleep.', 'Remember this: the second key opens nothing.',
        ],
        'German' => [
            'Niemand kam.', 'Die Tür stand offen.', 'Es regnete neun Tage lang.', 'Zwei Boote verließen den Hafen vor der Dämmerung.', 'Im Jahr 1911 wurde die Brücke für Wagen gesperrt.',
            'Er zählte die Stufen, die Fenster und die Stühle.', 'Die älteste Uhr im Tal läuft rückwärts, und sie geht nie nach.', 'Was hättest du getan?', 'Die Leute sagten, der Berg könne sie hören, also flüsterten sie.',
            'Der Erfinder verkaufte sieben Patente, verlor das Geld an einem Abend und begann von vorn.', 'Folge uns für die nächste Geschichte.', 'Niemand verstand die Maschine. Alle hatten eine Meinung.',
        ],
        'French' => [
            'Personne ne vint.', 'La porte était ouverte.', 'Il a plu pendant neuf jours.', 'Deux bateaux quittèrent le port avant l’aube.', 'En 1911, le pont fut fermé aux charrettes.',
            'Il compta les marches, les fenêtres et les chaises.', 'La plus vieille horloge de la vallée tourne à l’envers, et elle n’est jamais en retard.', 'Qu’auriez-vous fait ?', 'On disait que la montagne entendait tout, alors on chuchotait.',
            'L’inventeur vendit sept brevets, perdit l’argent en une soirée et recommença.', 'Suivez-nous pour la prochaine histoire.', 'Personne ne comprenait la machine. Chacun avait un avis.',
        ],
        'Arabic' => [
            'لم يأت أحد.', 'كان الباب مفتوحا.', 'أمطرت تسعة أيام.', 'غادر قاربان الميناء قبل الفجر.', 'عد الدرجات والنوافذ والكراسي.', 'أقدم ساعة في الوادي تدور إلى الوراء، ولا تتأخر أبدا.',
            'ماذا كنت ستفعل؟', 'قال الناس إن الجبل يسمعهم، فهمسوا عند عبوره.', 'تابعنا لقصة أخرى.', 'لم يفهم أحد الآلة. وكان لكل واحد رأي.',
        ],
    ];

    /** @var array<string, SpeechRate> */
    private array $known = [];

    public function __construct(
        private readonly Voices $voices,
        private readonly TakeCutter $cutter,
        private readonly MediaStore $store,
    ) {
    }

    /** The voice's own at its speed; what it would be by its usual speed, or the common one, until it has been listened to. */
    public function of(Voice $voice): SpeechRate
    {
        return $this->known[$voice->fingerprint()] ??= $this->read($voice) ?? ($this->read($voice->at(100)) ?? SpeechRate::common())->at($voice->speed);
    }

    /** Listens to the narrator's voices that were not heard yet; the others are listened to when they are first used. */
    public function make(): void
    {
        foreach ($this->voices->all() as $voice) {
            if ($voice->source === VoiceEngine::Narrator) {
                $this->hear($voice);
            }
        }
    }

    /** Listens to a voice, if that was not done before. */
    public function hear(Voice $voice): void
    {
        if ($this->read($voice) === null) {
            $this->listen($voice);
        }
    }

    private function listen(Voice $voice): void
    {
        $takes = [];
        foreach (self::EXAMPLES[$voice->language] ?? self::EXAMPLES['English'] as $text) {
            $speech = $this->voices->speak($text, $voice);
            try {
                ['sound' => $sound, 'words' => $words] = $this->cutter->cut($speech->sound, $text, $speech->events);
                $takes[] = ['text' => $text, 'ms' => DeadAir::cut($sound, $words, DeadAir::USUAL_MS)['sound']->durationMs()];
            } catch (SilentTake) {
                continue;
            }
        }
        $this->known[$voice->fingerprint()] = $rate = SpeechRate::fitted($takes);
        $this->store->put($this->file($voice), json_encode($rate->ms, JSON_THROW_ON_ERROR));
    }

    private function read(Voice $voice): ?SpeechRate
    {
        $file = $this->file($voice);
        $ms = is_file($file) ? json_decode((string) file_get_contents($file), true) : null;

        return is_array($ms) && count($ms) === SpeechRate::PARTS ? new SpeechRate(array_map(floatval(...), array_values($ms))) : null;
    }

    private function file(Voice $voice): string
    {
        return $this->store->path('rates/'.$voice->id.'-'.hash('xxh32', self::VERSION.$this->voices->version().$voice->fingerprint()).'.json');
    }
}
