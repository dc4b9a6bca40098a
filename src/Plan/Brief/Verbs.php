<?php

declare(strict_types=1);

namespace RapidReel\Plan\Brief;

/** English verbs as they are told in, and as a picture shows them: "climbed" is seen as "climbing". */
final class Verbs
{
    private const IRREGULAR = [
        'tied' => 'tying', 'died' => 'dying', 'lied' => 'lying', 'came' => 'coming', 'went' => 'going',
        'saw' => 'seeing', 'stood' => 'standing', 'sat' => 'sitting', 'ran' => 'running', 'lit' => 'lighting',
        'rang' => 'ringing', 'kept' => 'keeping', 'wrote' => 'writing', 'found' => 'finding', 'lost' => 'losing',
        'left' => 'leaving', 'took' => 'taking', 'gave' => 'giving', 'made' => 'making', 'fell' => 'falling',
        'rose' => 'rising', 'drove' => 'driving', 'swam' => 'swimming', 'sang' => 'singing', 'held' => 'holding',
        'told' => 'telling', 'said' => 'saying', 'heard' => 'hearing', 'knew' => 'knowing', 'brought' => 'bringing',
        'built' => 'building', 'broke' => 'breaking', 'blew' => 'blowing', 'grew' => 'growing', 'threw' => 'throwing',
        'flew' => 'flying', 'spoke' => 'speaking', 'woke' => 'waking', 'wore' => 'wearing', 'sank' => 'sinking',
        'sent' => 'sending', 'slept' => 'sleeping', 'swept' => 'sweeping', 'struck' => 'striking',
        'hung' => 'hanging', 'fought' => 'fighting', 'caught' => 'catching', 'bought' => 'buying', 'put' => 'putting',
        'cut' => 'cutting', 'set' => 'setting', 'shut' => 'shutting', 'hit' => 'hitting', 'met' => 'meeting',
        'led' => 'leading', 'fed' => 'feeding', 'read' => 'reading', 'paid' => 'paying', 'laid' => 'laying',
        'lay' => 'lying', 'drew' => 'drawing', 'ate' => 'eating', 'drank' => 'drinking', 'froze' => 'freezing',
        'hid' => 'hiding', 'rode' => 'riding', 'shone' => 'shining', 'shook' => 'shaking', 'stole' => 'stealing',
        'tore' => 'tearing', 'wound' => 'winding', 'crept' => 'creeping', 'dug' => 'digging', 'bent' => 'bending',
        'spent' => 'spending', 'sold' => 'selling', 'slid' => 'sliding', 'spun' => 'spinning', 'split' => 'splitting',
        'spread' => 'spreading', 'sprang' => 'springing', 'stuck' => 'sticking', 'swore' => 'swearing',
        'swung' => 'swinging', 'taught' => 'teaching', 'thought' => 'thinking', 'won' => 'winning',
        'wept' => 'weeping', 'began' => 'beginning', 'became' => 'becoming', 'felt' => 'feeling',
        'leapt' => 'leaping', 'written' => 'writing', 'risen' => 'rising', 'taken' => 'taking', 'seen' => 'seeing',
        'gone' => 'going', 'known' => 'knowing', 'given' => 'giving', 'broken' => 'breaking', 'spoken' => 'speaking',
        'frozen' => 'freezing', 'hidden' => 'hiding', 'fallen' => 'falling', 'driven' => 'driving',
        'eaten' => 'eating', 'begun' => 'beginning', 'rung' => 'ringing', 'sung' => 'singing', 'sunk' => 'sinking',
        'worn' => 'wearing', 'torn' => 'tearing', 'blown' => 'blowing', 'grown' => 'growing', 'thrown' => 'throwing',
        'flown' => 'flying', 'drawn' => 'drawing', 'shaken' => 'shaking', 'become' => 'becoming', 'come' => 'coming',
        'dreamt' => 'dreaming', 'burnt' => 'burning', 'learnt' => 'learning', 'lent' => 'lending',
    ];

    /** What helps another verb, or says only that something is. */
    private const HELPERS = ' was were is are am be been being had has have did does do would could will can should '
        .'might may must shall ';

    private const NO_PAST = ' red bed seed need weed speed shed sled hundred sacred kindred indeed feed breed deed '
        .'reed naked ragged rugged wicked crooked named aged ';

    /** Words in the present that a told story has in its first line, and that are no plurals. */
    private const PRESENT = ' comes goes sees stands sits runs lights rings keeps writes finds loses leaves takes '
        .'gives '
        .'makes falls rises drives swims sings holds tells says hears knows brings builds breaks blows grows throws '
        .'flies speaks wakes wears sinks sends sleeps sweeps strikes hangs fights catches climbs walks turns burns '
        .'waits watches opens closes carries crosses reaches guides follows pulls pushes lifts drops points calls '
        .'listens looks works plays eats drinks moves stops starts hides rides shines shakes meets leads ';

    public static function isHelper(string $word): bool
    {
        return str_contains(self::HELPERS, ' '.mb_strtolower($word).' ');
    }

    /** As a picture shows it; null where it is no verb that is known. */
    public static function shown(string $word): ?string
    {
        $plain = mb_strtolower($word);

        return match (true) {
            isset(self::IRREGULAR[$plain]) => self::IRREGULAR[$plain],
            str_contains(self::NO_PAST, " $plain ") => null,
            preg_match('/^[a-z]{2,}ied$/', $plain) === 1 => substr($plain, 0, -3).'ying',
            strlen($plain) > 4 && preg_match('/^[a-z]*[aeiouy][a-z]*ed$/', $plain) === 1 &&
                preg_match('/[aeiouy]/', substr($plain, 0, -2)) === 1 => substr($plain, 0, -2).'ing',
            str_contains(self::PRESENT, " $plain ") => self::ofPresent($plain),
            default => null,
        };
    }

    /** Of what stands after a helper: "could ring" is seen as "ringing". */
    public static function ofBase(string $word): ?string
    {
        $plain = mb_strtolower($word);

        return preg_match('/^[a-z]{2,}$/', $plain) === 1 && ! self::isHelper($plain) &&
            preg_match('/(?:ly|..ing|ed)$/', $plain) !== 1 ? self::ing($plain) : null;
    }

    private static function ofPresent(string $plain): string
    {
        return self::ing((string) preg_replace(
            ['/ies$/', '/(ch|sh|ss|x)es$/', '/(go|do)es$/', '/s$/'],
            ['y', '$1', '$1', ''],
            $plain,
            1,
        ));
    }

    private static function ing(string $base): string
    {
        return match (true) {
            preg_match('/(?:^|[^e])e$/', $base) === 1 && $base !== 'see' => substr($base, 0, -1).'ing',
            preg_match('/^(?:[^aeiou]*)[aeiou][^aeiouwxy]$/', $base) === 1 => $base.substr($base, -1).'ing',
            default => $base.'ing',
        };
    }
}
