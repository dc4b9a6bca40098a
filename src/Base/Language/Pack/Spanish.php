<?php

declare(strict_types=1);

namespace RapidReel\Base\Language\Pack;

/** Spanish. */
final class Spanish
{
    public static function pack(): LanguagePack
    {
        return new LanguagePack(
            code: 'es',
            words: self::words(),
            ends: self::ends(),
            syllables: self::syllables(),
            sample: 'La lámpara ardía al anochecer, y a las nueve la niebla había cubierto toda la bahía.',
            examples: [
                'Nadie vino.',
                'La puerta estaba abierta.',
                'Llovió durante nueve días.',
                'Ella nunca les dijo por qué.',
                '¿Qué habrías hecho tú?',
                'Dos barcos salieron del puerto antes del alba.',
                'Un pequeño fuego ardía en la playa, y nadie lo había encendido.',
                'En 1911, el puente se cerró a los carros.',
                'Contó los escalones, las ventanas y las sillas.',
                'El reloj más antiguo del valle anda hacia atrás, y nunca llega tarde.',
                'Síguenos para la próxima historia.',
                'Había 340 cartas en la caja; todas estaban vacías.',
                'La gente decía que la montaña podía oírlos, así que susurraban al cruzarla.',
                'El panadero encontró el anillo en un pan que él no había horneado.',
                '¿Por qué un río sin agua tiene todavía un barquero?',
                'Su abuela había dibujado el mapa de memoria, después de un solo verano en la isla.',
                'Espera… Algo se movió detrás del molino.',
                'El inventor vendió siete patentes, perdió el dinero en una noche y empezó de nuevo.',
                'Nadie entendía la máquina. Todos tenían una opinión.',
                'Recuerda esto: la segunda llave no abre nada.',
            ],
        );
    }

    private static function words(): PackWords
    {
        return new PackWords(
            functionWords: 'a al algo alguna algunas alguno algunos ante antes aquel aquella así aun aunque bajo bien '
                .'cada casi como con contra cual cuando cuatro de del desde después donde dos e el él ella ellas '
                .'ellos en entre era eran eres es esa esas ese eso esos esta está están estaba estaban estas este '
                .'esto estos fue fueron ha había habían hace hacia han hasta hay la las le les lo los luego más me mi '
                .'mientras mis mucho muchos muy nada nadie ni no nos nosotros nuestra nuestro nunca o os otra otras '
                .'otro otros para pero poco por porque pues que qué quien quién se sea según ser si sí siempre sin '
                .'sino sobre solo sólo son su sus tal también tan tanto te tenía tiene todo toda todas todos tras '
                .'tres tu tus un una unas uno unos usted ya y yo año años día hombre mujer gente cosa cosas vez tiempo',
            openings: [
                '(?:hola|buenas|buenos días|buenas (?:tardes|noches)|qué tal|hey)(?:,? (?:a todos|a todas|amigos|gente'
                    .'|chicos|familia|a todo el mundo))*(?:,? (?:y )?bienvenidos?(?: de nuevo)?(?: a [^,.!?:—–]{2,'
                    .'50})?)?',
                '(?:y )?bienvenid[oa]s?(?: de nuevo)?(?: a [^,.!?:—–]{2,50})?',
                '(?:bueno |pues |así que )*(?:en este (?:vídeo|video|corto)|hoy)(?:,? (?:vamos a (?:hablar de|ver)|te '
                    .'(?:cuento|muestro|voy a (?:contar|mostrar))|os (?:cuento|muestro)|les (?:cuento|muestro)'
                    .'|hablaremos de))',
                '(?:empecemos|vamos allá|comencemos)',
                '(?:me llamo|soy|mi nombre es) \p{Lu}[\p{L} .\'’-]{1,40}?(?=[,.!?]|$)',
            ],
            asks: '(?:y |así que |ahora |por favor,? )*(?:sigue|síguenos|sígueme|suscríbete|comparte|comenta|'
                .'cuéntanos|dime|dinos|escribe|guarda|mira|pulsa|toca|haz|deja|dale|únete|vuelve|quédate|'
                .'recuerda|prueba|visita)',
            joining: 'y|e|o|u|pero|porque|cuando|mientras|hasta|antes|después|donde|que|quien|si|como|para|con|'
                .'sin|en|sobre|bajo|entre|a|al|de|del|desde|por|hacia',
        );
    }

    private static function ends(): SentenceEnds
    {
        return new SentenceEnds(
            abbreviations: 'sr|sra|srta|dr|dra|ud|uds|av|avda|ee\. ?uu|etc|fig|núm|nº|pág|págs|prof|sta|sto|vol|'
                .'ene|feb|abr|sept?|oct|nov|dic',
            mayEnd: 'etc|av|núm',
        );
    }

    private static function syllables(): SyllableRule
    {
        return new SyllableRule(
            vowels: '(?<=[qg])u(?=[eiéí])|[iuü]?[aeoáéó](?:[iuy](?![aeiouáéíóú]))?|[iuíúüy]',
            ease: EaseFormula::SzigrisztPazos,
        );
    }
}
