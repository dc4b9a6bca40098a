<?php

declare(strict_types=1);

namespace RapidReel\Base\Language\Pack;

/** German. */
final class German
{
    public static function pack(): LanguagePack
    {
        return new LanguagePack(
            code: 'de',
            words: self::words(),
            ends: self::ends(),
            syllables: self::syllables(),
            sample: 'Am Abend brannte die Lampe, und um neun lag die Bucht im Nebel.',
            examples: [
                'Niemand kam.',
                'Die Tür stand offen.',
                'Es regnete neun Tage lang.',
                'Zwei Boote verließen den Hafen vor der Dämmerung.',
                'Im Jahr 1911 wurde die Brücke für Wagen gesperrt.',
                'Er zählte die Stufen, die Fenster und die Stühle.',
                'Die älteste Uhr im Tal läuft rückwärts, und sie geht nie nach.',
                'Was hättest du getan?',
                'Die Leute sagten, der Berg könne sie hören, also flüsterten sie.',
                'Der Erfinder verkaufte sieben Patente, verlor das Geld an einem Abend und begann von vorn.',
                'Folge uns für die nächste Geschichte.',
                'Niemand verstand die Maschine. Alle hatten eine Meinung.',
                'Eine kleine Flamme brannte am Strand, und niemand hatte sie entzündet.',
                'Das Foto zeigt ein ganzes Orchester, das schläft.',
                'Ihre Großmutter hatte die Karte aus dem Gedächtnis gezeichnet, nach einem einzigen Sommer auf der '
                    .'Insel.',
                'Warum hat ein Fluss ohne Wasser noch einen Fährmann?',
                'Im Kasten lagen 340 Briefe; jeder war leer.',
                'Warte… Hinter der Mühle bewegte sich etwas.',
                'Der Bäcker fand den Ring in einem Brot, das er nicht gebacken hatte.',
                'Merk dir das: Der zweite Schlüssel öffnet nichts.',
            ],
        );
    }

    private static function words(): PackWords
    {
        return new PackWords(
            functionWords: 'aber alle allem allen aller alles als also am an ander andere anderen auch auf aus bei '
                .'bin bis bist da dabei damit dann das dass daß dein deine dem den denn der des dich die dies diese '
                .'diesem diesen dieser dieses dir doch dort du durch ein eine einem einen einer eines einmal er es '
                .'etwas euch euer für gegen gewesen hab habe haben hat hatte hatten hier hin hinter ich ihm ihn ihnen '
                .'ihr ihre ihrem ihren ihrer im in ins ist ja jede jeden jeder jedes jetzt kann kein keine keinen '
                .'können könnte man manche mehr mein meine mich mir mit muss müssen nach nicht nichts noch nun nur ob '
                .'oder ohne schon sehr sein seine seinem seinen seiner sich sie sind so soll sollte über um und uns '
                .'unser unter viel vom von vor wann war waren warum was weil welche wenn wer werde werden wie wieder '
                .'will wir wird wo wurde wurden zu zum zur zwar zwei drei vier fünf jahr jahre tag mann frau menschen '
                .'dinge zeit kam kamen ging gingen sagte machte',
            openings: [
                '(?:hallo|hi|hey|servus|moin|guten (?:morgen|tag|abend)|grüß (?:gott|dich|euch))(?:,? (?:leute|zusammen'
                    .'|ihr lieben|freunde|alle|alle zusammen|miteinander))*(?:,? (?:und )?(?:herzlich )?willkommen(?: '
                    .'zurück)?(?: (?:bei|zu|auf) [^,.!?:—–]{2,50})?)?',
                '(?:und )?(?:herzlich )?willkommen(?: zurück)?(?: (?:bei|zu|auf) [^,.!?:—–]{2,50})?',
                '(?:so |also |okay )*(?:in diesem (?:video|short|clip)|heute)(?:,? (?:geht es um|zeige ich (?:dir|euch)'
                    .'|erzähle ich (?:dir|euch)(?: von)?|sprechen wir über|schauen wir uns(?: an)?|erkläre ich(?: dir'
                    .'| euch)?))',
                '(?:los geht(?:\'|’)?s|fangen wir an|legen wir los)',
                '(?:mein name ist|ich bin|ich heiße) \p{Lu}[\p{L} .\'’-]{1,40}?(?=[,.!?]|$)',
            ],
            asks: '(?:und |also |jetzt |bitte )*(?:folge|folgt|abonniere|abonniert|teile|teilt|kommentiere|'
                .'schreib|schreibt|erzähl|erzählt|sag|sagt|speichere|speichert|like|schau|schaut|klick|klickt|'
                .'tippe|bleib|bleibt|verlink|denk|probier|besuch)',
            joining: 'und|oder|aber|denn|weil|als|wenn|während|bis|bevor|nachdem|wo|dass|ob|damit|obwohl|der|die|'
                .'das|welche|in|im|an|am|auf|aus|bei|mit|nach|von|vor|zu|über|unter|durch|für|gegen|ohne',
        );
    }

    private static function ends(): SentenceEnds
    {
        return new SentenceEnds(
            abbreviations: 'bzw|ca|d\. ?h|dr|evtl|ggf|hr|fr|inkl|jh|kap|mr|mrs|nr|o\. ?ä|prof|sog|st|str|u\. ?a|usw|'
                .'v\. ?a|vgl|z\. ?b|zzgl|jan|feb|apr|aug|sept?|okt|nov|dez',
            mayEnd: 'usw|etc|str|jh|o\. ?ä',
            months: 'januar|februar|märz|april|mai|juni|juli|august|september|oktober|november|dezember',
        );
    }

    private static function syllables(): SyllableRule
    {
        return new SyllableRule(
            vowels: 'ie|ei|ai|ay|ey|au|eu|äu|aa|ee|oo|[aeiouyäöü]',
            ease: EaseFormula::Amstad,
        );
    }
}
