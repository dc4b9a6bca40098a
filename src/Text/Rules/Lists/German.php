<?php

declare(strict_types=1);

namespace RapidReel\Text\Rules\Lists;

/** German. */
final class German
{
    public static function list(): WordList
    {
        return new WordList(self::labels(), self::notes(), self::replies(), self::pages());
    }

    private static function labels(): LabelWords
    {
        return new LabelWords(
            parts: '(?:der |die |das )?(?:hook|aufhänger|einstieg|einleitung|intro|anfang|hauptteil|mittelteil'
                .'|aufbau|wendung|wendepunkt|höhepunkt|schluss|schlusssatz|ende|abschluss|abspann|outro|fazit'
                .'|auflösung|handlungsaufforderung|aufruf|cta|call[ -]to[ -]action|pointe|kernaussage)',
            counted: 'szene|teil|abschnitt|kapitel|einstellung|folie|akt|clip|takt',
            voices: 'sprecher(?:in)?(?:text)?(?: ?\\d+)?|erzähler(?:in)?|moderator(?:in)?|off[ -]?(?:stimme'
                .'|text|sprecher(?:in)?)?|stimme aus dem off|voice[ -]?over|gesprochen(?:er text)?|ansage|alle'
                .'|gast|interviewer(?:in)?|dialog',
            pictures: '(?:bild|video)(?:idee|material|vorschlag|beschreibung|anweisung|prompt)?(?:n|en|e)?'
                .'|visuell(?:e[sr]?)?(?: (?:elemente|umsetzung|idee))?|visuals?|b[ -]?roll|kamera(?:fahrt'
                .'|einstellung|führung)?|einblendung bild|aufnahme|nahaufnahme|totale|hintergrund(?:bild'
                .'|video)?|zeige|man sieht|prompt|handlung',
            sounds: '(?:hintergrund)?musik|ton|geräusche?|sound(?:effekte?)?|sfx|atmo',
            fields: '(?:text)?einblendung|bildschirmtext|text im bild|bauchbinde|untertitel|titel|videotitel'
                .'|überschrift|dauer|länge|laufzeit|gesamtlänge|zeit|tonfall|tonalität|ton(?:art)|stil|stimmung'
                .'|zielgruppe|publikum|seitenverhältnis|format|plattform|schlüsselwörter|schlagwörter'
                .'|stichwörter|keywords|hashtags?|beschreibung|wortzahl|wortanzahl|vorschaubild|thumbnail'
                .'|notizen|hinweise|regieanweisung(?:en)?|regie|licht|beleuchtung|grafik(?:en)?|übergang'
                .'|übergänge|schnitt|requisiten|ort|drehort|sprache|thema|ziel|quellen?|negativer? prompt'
                .'|stimme(?:nlage)|farben|effekte|autor(?:in)?|datum|version',
            either: 'stimme|text|skript|audio|zeile',
            statements: 'merke|merk dir|achtung|warnung|vorsicht|hinweis|tipp|mythos|fakt|tatsache|wahrheit'
                .'|frage|antwort|schritt|grund|tag|woche|regel|fehler|lektion|problem|lösung|beispiel|übrigens'
                .'|wichtig|erstens|zweitens|drittens|zuerst|danach|heute|morgen|gestern|jetzt|und|aber|denn'
                .'|also|eins|zwei|drei|vier|fünf|sechs|sieben|acht|neun|zehn|montag|dienstag|mittwoch'
                .'|donnerstag|freitag|samstag|sonntag|ergebnis|moral|fazit|spoiler|legende|stell dir vor'
                .'|denk daran|denkt daran|(?:der|die|das|sein|seine|ihr|ihre|ein|eine|mein|meine) .{2,30}',
        );
    }

    private static function notes(): NoteWords
    {
        return new NoteWords(
            directions: 'zeigt?|bild|foto|aufnahme|nahaufnahme|totale|kamera|zoom|schwenk|schnitt|blende'
                .'|überblendung|einblendung|pause|stille|lacht|lachend|lächelt|seufzt|flüstert|flüsternd|leise'
                .'|laut|langsam|schnell|ernst|ruhig|traurig|fröhlich|betont|geheimnisvoll|atmet|nickt|musik'
                .'|geräusch|ton|donner|schritte|glocke|applaus|text|untertitel|drohne|montage|off|szene'
                .'|sprecher|hook',
            verbs: 'ist|sind|war|waren|hat|haben|hatte|hatten|wird|werden|wurde|kann|konnte|muss|musste|soll'
                .'|kam|ging|sagte|wusste',
            spokenColumns: 'sprecher(?:in)?(?:text)?|sprechtext|text|erzähler|narration|voice[ -]?over|stimme'
                .'|audio|ton|gesprochen(?:er text)?|dialog|off[ -]?text|skript',
        );
    }

    private static function replies(): ReplyWords
    {
        return new ReplyWords(
            opening: '(?:klar|gern(?:e)?|natürlich|sicher|selbstverständlich|hier (?:ist|sind|kommt|findest)'
                .'|hier dein|anbei|das ist|okay|super|alles klar|perfekt)\\b',
            offer: '(?:sag(?:t)? (?:mir )?(?:einfach )?(?:bescheid|gern)|lass(?:t)? (?:es )?mich wissen'
                .'|möchtest du|möchten sie|willst du|soll ich|wenn du (?:möchtest|willst|magst)'
                .'|wenn sie möchten|ich kann (?:auch|gern|dir)|gern(?:e)? (?:kann|passe|schreibe)|ich hoffe'
                .'|falls du|brauchst du)\\b',
            product: 'skripte?|drehbuch|version(?:en)?|entwurf|entwürfe|tonfall|änderung(?:en)?|anpass\\w*'
                .'|ändere?|variante[n]?|kürzer\\w*|länger\\w*|umschreib\\w*|hashtags|sprechertext|videotext'
                .'|hooks',
            tips: '(?:produktions|dreh|schnitt|video)?(?:tipps|hinweise|notizen)(?: (?:für|zum|zur) .{1,40})?'
                .'|warum das funktioniert|nächste schritte',
        );
    }

    private static function pages(): PageWords
    {
        return new PageWords(
            menu: 'startseite|start|nachrichten|aktuelles|über uns|kontakt|impressum|datenschutz|shop|suche'
                .'|menü|anmelden|abmelden|registrieren|abo|sport|kultur|wirtschaft|politik|meinung|wetter|reise'
                .'|termine|galerie|spenden|hilfe|podcast|videos?|mehr|wissen|leben|regional|stellenangebote'
                .'|newsletter|merkliste|archiv|magazin|teilen|drucken',
            sure: '(?:mehr (?:lesen|erfahren|dazu|zum thema)|weiterlesen|lesen sie auch|lesen sie mehr'
                .'|siehe auch|auch interessant|passend dazu'
                .'|das könnte sie auch interessieren)(?:\\s*[:>→»–-]\\s*.{0,120})?|(?:artikel'
                .'|beitrag) (?:teilen|drucken|merken|kommentieren)|(?:auf|per) (?:facebook|whatsapp|x|twitter'
                .'|e-?mail|mail) teilen|jetzt teilen|link kopieren|(?:wir|diese (?:web)?seite) (?:verwende[nt]'
                .'|nutz(?:en|t)|benutz(?:en|t)) cookies.*|(?:alle )?cookies (?:akzeptieren|ablehnen|zulassen).*'
                .'|alle akzeptieren|(?:jetzt )?(?:unseren )?newsletter (?:abonnieren|bestellen|anmelden).*'
                .'|(?:zum|für den) newsletter anmelden.*|abonnieren sie .{0,30}newsletter.*'
                .'|von (?-i:\\p{Lu}[\\p{L}’\'.-]+ \\p{Lu}[\\p{L}’\'.-]+)|(?:stand|veröffentlicht|aktualisiert'
                .'|zuletzt aktualisiert|erschienen)(?: am|:)?\\s.{0,12}\\d.{0,30}|\\d{1,2}\\. (?:januar|februar'
                .'|märz|april|mai|juni|juli|august|september|oktober|november|dezember) \\d{4}.{0,20}|(?:quelle'
                .'|bildquelle|bildrechte)\\s*:\\s*.*|.{0,80}\\((?:foto|bild'
                .'|quelle)\\b[^)]*\\)|lesezeit.{0,20}|\\d+ min(?:uten)? lesezeit|alle rechte vorbehalten\\.?'
                .'|zum (?:inhalt|hauptinhalt) springen|nach oben|zur startseite|anzeige|werbung'
                .'|kommentar (?:schreiben|verfassen)|vor \\d+ (?:stunden|tagen|minuten)',
            listHead: 'kommentare?(?: ?\\(\\d+\\))?|\\d+ kommentare?|einzelnachweise|quellen|literatur|weblinks'
                .'|fußnoten|inhaltsverzeichnis|inhalt|schlagwörter|meistgelesen|mehr zum thema'
                .'|ähnliche (?:artikel|beiträge)|weitere (?:artikel|beiträge|themen)|verwandte (?:artikel'
                .'|themen)',
        );
    }
}
