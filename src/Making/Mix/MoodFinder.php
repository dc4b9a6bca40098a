<?php

declare(strict_types=1);

namespace RapidReel\Making\Mix;

use RapidReel\Plan\Choice\Mood;

/** The mood that the words of a short are in: by what they speak of. */
final class MoodFinder
{
    /** Beginnings of words by language and mood. */
    private const WORDS = [
        'en' => [
            'tense' => 'storm danger death dead die dying kill fear afraid terror horror ghost scream '
                .'wreck drown sank sink trapped warn alarm attack war fire '
                .'crash blood murder hunt vanish disappear wrong lie '
                .'lied trap escape flood',
            'sad' => 'grave mourn grief tear tears cry cried weep alone lonely goodbye farewell funeral '
                .'widow orphan missing miss sorrow sad sorry regret forgot forgotten last buried empty',
            'warm' => 'home love friend mother father daughter son child children family kind gentle warm '
                .'hug smile together welcome kitchen hearth dog cat letter remember gift saved rescue '
                .'heart bread',
            'bright' => 'happy laugh joy fun play sun sunny morning spring bright win won easy quick trick '
                .'simple best new fast surprise party dance sing song colour color game cheer lucky '
                .'free',
            'calm' => 'calm quiet still slow breathe sleep peace rest soft snow silence drift gently hush mild',
            'grand' => 'king queen empire world history century discover invent victory brave hero great '
                .'mountain ocean tower build built legend record first thousand million voyage '
                .'expedition',
        ],
        'de' => [
            'tense' => 'sturm gefahr dunkel tod tot starb sterb angst schrecken geist schrei wrack ertr sank '
                .'unterg verlor falle geheim warn alarm krieg feuer brand brach blut mord niemand '
                .'verschw unmöglich falsch lüge flut',
            'sad' => 'grab trauer träne wein allein einsam abschied witwe waise vermiss traurig vergess '
                .'letzte leer',
            'warm' => 'zuhause heim liebe freund mutter vater tochter sohn kind familie sanft warm lächel '
                .'zusammen willkommen hund katze brief erinner geschenk gerettet rettung herz brot',
            'bright' => 'glück lach freude spaß spiel sonne morgen frühling hell gewann einfach schnell trick '
                .'beste neu überrasch fest tanz sing lied farbe frei',
            'calm' => 'ruhig still langsam atem schlaf frieden rast weich schnee sanftmut gelassen leise',
            'grand' => 'könig königin reich welt geschichte jahrhundert entdeck erfand erfind sieg mutig '
                .'held groß berg ozean turm baute gebaut legende rekord erste tausend million reise',
        ],
        'fr' => [
            'tense' => 'tempête danger sombre mort mourir peur terreur fantôme cri naufrage noy coul perdu '
                .'piège secret alarme guerre feu sang meurtre personne disparu impossible mensonge',
            'sad' => 'tombe deuil larme pleur seul solitude adieu veuve orphelin triste regret oubli '
                .'dernier vide',
            'warm' => 'maison amour ami mère père fille fils enfant famille doux chaleur sourire ensemble '
                .'chien chat lettre souvenir cadeau sauvé cœur pain',
            'bright' => 'heureux rire joie jeu soleil matin printemps gagn facile rapide astuce meilleur '
                .'nouveau surprise fête danse chant couleur libre',
            'calm' => 'calme silence lent respir sommeil nuit étoile mer marée lune paix repos neige pluie '
                .'eau soir port',
            'grand' => 'roi reine empire monde histoire siècle découv invent victoire brave héros grand '
                .'montagne océan tour légende record premier mille million voyage',
        ],
        'es' => [
            'tense' => 'tormenta peligro oscur muert morir miedo terror fantasma grito naufrag ahog hund '
                .'perdid trampa secreto alarma guerra fuego sangre nadie desapare imposible mentira',
            'sad' => 'tumba duelo lágrima llor solo soledad adiós viuda huérfan triste olvid último vacío',
            'warm' => 'casa hogar amor amig madre padre hija hijo niñ familia suave cálid sonri juntos '
                .'perro gato carta recuerd regalo salv corazón pan',
            'bright' => 'feliz risa reír alegr juego sol mañana primavera ganó fácil rápid truco mejor nuev '
                .'sorpresa fiesta baile cant color libre',
            'calm' => 'calma silencio lent respir sueño noche estrella mar marea luna paz descans nieve '
                .'lluvia agua tarde puerto',
            'grand' => 'rey reina imperio mundo historia siglo descubr invent victoria valiente héroe grande '
                .'montaña océano torre leyenda récord primer mil millón viaje',
        ],
    ];

    /** Beginnings that are shorter are whole words. */
    private const WHOLE = 4;

    /**
     * @param  string  $language  "en", "en-GB"
     * @return Mood|null null where the words say none, or are of another language
     */
    public static function of(string $text, string $language): ?Mood
    {
        $lists = self::WORDS[strtolower(substr($language, 0, 2))] ?? [];
        preg_match_all('/\p{L}+/u', mb_strtolower($text), $found);
        $scores = [];
        foreach ($lists as $mood => $words) {
            $begins = explode(' ', $words);
            foreach ($found[0] as $word) {
                foreach ($begins as $begin) {
                    $isIt = mb_strlen($begin) < self::WHOLE ? $word === $begin : str_starts_with($word, $begin);
                    if ($isIt) {
                        $scores[$mood] = ($scores[$mood] ?? 0) + 1;
                        break;
                    }
                }
            }
        }
        if ($scores === []) {
            return null;
        }

        // A longer list finds more by itself.
        foreach ($scores as $mood => $score) {
            $scores[$mood] = $score / sqrt(substr_count($lists[$mood], ' ') + 1);
        }

        // Of two alike the first in the lists, so that it is always the same.
        return Mood::from((string) array_search(max($scores), $scores, true));
    }
}
