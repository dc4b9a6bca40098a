<?php

declare(strict_types=1);

namespace App\Gateways\Voices;

use FFI;
use RapidReel\Base\Language\Pictographs;
use RapidReel\Voice\Speech\Pcm;
use RapidReel\Voice\Speech\Speaker;
use RapidReel\Voice\Speech\SynthEvent;
use RapidReel\Voice\Speech\Voice;

/**
 * Speaks through libespeak-ng, loaded into the process. Works on the command line, so in commands and queue workers.
 */
final class BuiltInNarrator implements Voices
{
    private const HEADER = '
        typedef struct {
            int type; unsigned int unique_identifier; int text_position; int length;
            int audio_position; int sample; void *user_data;
            union { int number; const char *name; char string[8]; } id;
        } espeak_EVENT;
        typedef int (t_espeak_callback)(short *, int, espeak_EVENT *);
        int espeak_Initialize(int output, int buffer_length, const char *path, int options);
        int espeak_SetVoiceByName(const char *name);
        int espeak_SetParameter(int parameter, int value, int relative);
        void espeak_SetSynthCallback(t_espeak_callback *callback);
        int espeak_Synth(const void *text, size_t size, unsigned int position, int position_type,
            unsigned int end_position, unsigned int flags, unsigned int *unique_identifier, void *user_data);
        int espeak_Synchronize(void);
        const char *espeak_Info(const char **path_data);
    ';

    private const SYNCHRONOUS = 2;

    private const RATE = 1;

    private const PLAIN = 'Plain';

    private const PITCH = 3;

    private const WORD = 1;

    private const UTF8 = 1;

    private const CHARACTERS = 1;

    private ?FFI $library = null;

    private int $sampleRate = 0;

    private string $pcm = '';

    /** @var list<SynthEvent> */
    private array $events = [];

    public function all(): array
    {
        /** @var non-empty-list<Voice>|null $all asked for again and again */
        static $all = null;

        return $all ??= [
            new Voice('aldous', 'Aldous', 'en-GB', 'British', 'low', new Speaker('en', 38, 172)),
            new Voice('brenna', 'Brenna', 'en-GB', 'British', 'high', new Speaker('en+f3', 52, 172)),
            new Voice('corwin', 'Corwin', 'en-US', 'American', 'low', new Speaker('en-us+m3', 40, 174)),
            new Voice('delphine', 'Delphine', 'en-US', 'American', 'high', new Speaker('en-us+f2', 50, 174)),
            new Voice('ewart', 'Ewart', 'en-GB', 'Scottish', 'middle', new Speaker('en-gb-scotland', 44, 170)),
            new Voice('farren', 'Farren', 'en-GB', 'Northern', 'middle', new Speaker('en-gb-x-gbclan+m7', 46, 172)),
            new Voice('giselda', 'Giselda', 'en-GB', 'Southern', 'middle', new Speaker('en-gb-x-rp+f4', 46, 168)),
            new Voice('oswin', 'Oswin', 'en-GB', 'Midlands', 'low', new Speaker('en-gb-x-gbcwmd', 40, 172)),
            new Voice('petra', 'Petra', 'en-029', 'Caribbean', 'high', new Speaker('en-029+f4', 50, 170)),
            new Voice('hanno', 'Hanno', 'de', 'Standard', 'low', new Speaker('de', 42, 170)),
            new Voice('gerlind', 'Gerlind', 'de', 'Standard', 'high', new Speaker('de+f3', 50, 170)),
            new Voice('isaure', 'Isaure', 'fr', 'Standard', 'high', new Speaker('fr+f3', 50, 172)),
            new Voice('thibault', 'Thibault', 'fr-BE', 'Belgian', 'low', new Speaker('fr-be', 42, 172)),
            new Voice('jalila', 'Jalila', 'ar', 'Standard', 'high', new Speaker('ar+f3', 50, 165)),
            new Voice('rosalva', 'Rosalva', 'es-ES', 'Castilian', 'high', new Speaker('es+f2', 50, 172)),
            new Voice('severo', 'Severo', 'es-419', 'Latin American', 'low', new Speaker('es-419', 42, 172)),
            new Voice('tullia', 'Tullia', 'it', 'Standard', 'high', new Speaker('it+f3', 50, 172)),
            new Voice('urbano', 'Urbano', 'pt-BR', 'Brazilian', 'low', new Speaker('pt-br', 42, 172)),
            new Voice('veerle', 'Veerle', 'nl', 'Standard', 'high', new Speaker('nl+f2', 50, 170)),
            new Voice('wojtek', 'Wojtek', 'pl', 'Standard', 'low', new Speaker('pl', 42, 170)),
            new Voice('yrsa', 'Yrsa', 'sv', 'Standard', 'high', new Speaker('sv+f2', 50, 170)),
            new Voice('zenobia', 'Zenobia', 'el', 'Standard', 'high', new Speaker('el+f2', 50, 170)),
            new Voice('yefim', 'Yefim', 'ru', 'Standard', 'low', new Speaker('ru', 42, 168)),
            // Understood, and plain: whoever publishes in these has somebody listen first.
            new Voice('kiran', 'Kiran', 'hi', self::PLAIN, 'low', new Speaker('hi', 42, 165)),
            new Voice('defne', 'Defne', 'tr', self::PLAIN, 'high', new Speaker('tr+f2', 50, 165)),
            new Voice('bohumil', 'Bohumil', 'cs', self::PLAIN, 'low', new Speaker('cs', 42, 168)),
            new Voice('dagmar', 'Dagmar', 'da', self::PLAIN, 'high', new Speaker('da+f3', 50, 170)),
            new Voice('aino', 'Aino', 'fi', self::PLAIN, 'high', new Speaker('fi+f3', 50, 165)),
            new Voice('csaba', 'Csaba', 'hu', self::PLAIN, 'low', new Speaker('hu', 42, 168)),
            new Voice('ionela', 'Ionela', 'ro', self::PLAIN, 'high', new Speaker('ro+f2', 50, 170)),
            new Voice('oksana', 'Oksana', 'uk', self::PLAIN, 'high', new Speaker('uk+f2', 50, 168)),
            new Voice('wayan', 'Wayan', 'id', self::PLAIN, 'low', new Speaker('id', 42, 165)),
        ];
    }

    public function version(): string
    {
        return 'narrator-1';
    }

    public function speak(string $text, Voice $voice): Speech
    {
        $library = $this->library ??= $this->load();
        $this->pcm = '';
        $this->events = [];
        if ($library->espeak_SetVoiceByName($voice->speaker->name) !== 0) {
            throw VoiceUnavailable::notInstalled("the voice {$voice->name} is missing.");
        }
        $library->espeak_SetParameter(self::RATE, $voice->wordsAMinute(), 0);
        $library->espeak_SetParameter(self::PITCH, $voice->speaker->pitch, 0);
        // They would be read out by name.
        $said = Pictographs::blanked($text);
        // Whatever a script holds is text to this call: markup is off.
        $library->espeak_Synth($said."\0", strlen($said) + 1, 0, self::CHARACTERS, 0, self::UTF8, null, null);
        $library->espeak_Synchronize();

        return new Speech(new Pcm($this->pcm, $this->sampleRate), $this->events);
    }

    /** @throws VoiceUnavailable */
    private function load(): FFI
    {
        try {
            $library = FFI::cdef(self::HEADER, 'libespeak-ng.so.1');
        } catch (FFI\Exception $problem) {
            throw VoiceUnavailable::notInstalled('libespeak-ng cannot be loaded ('.$problem->getMessage().').');
        }
        $this->sampleRate = $library->espeak_Initialize(self::SYNCHRONOUS, 0, null, 0);
        if ($this->sampleRate <= 0) {
            throw VoiceUnavailable::notInstalled('its voice data is missing.');
        }
        $library->espeak_SetSynthCallback(function ($wave, int $count, $events): int {
            if ($wave !== null && $count > 0) {
                $this->pcm .= FFI::string(FFI::cast('char *', $wave) ?? $wave, 2 * $count);
            }
            for ($i = 0; $events[$i]->type !== 0; $i++) {
                if ($events[$i]->type === self::WORD) {
                    $this->events[] = new SynthEvent(
                        max(0, (int) $events[$i]->text_position - 1),
                        (int) $events[$i]->audio_position,
                    );
                }
            }

            return 0;
        });

        return $library;
    }
}
