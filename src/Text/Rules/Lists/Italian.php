<?php

declare(strict_types=1);

namespace RapidReel\Text\Rules\Lists;

/** Italian. */
final class Italian
{
    public static function list(): WordList
    {
        return new WordList(self::labels(), self::notes(), self::replies(), self::pages());
    }

    private static function labels(): LabelWords
    {
        return new LabelWords(
            parts: '(?:il |la |l[\'’])?(?:gancio|introduzione|intro|apertura|inizio|sviluppo|corpo|svolta'
                .'|colpo di scena|chiusura|finale|conclusione|invito all[\'’]azione|cta|hook|outro'
                .'|messaggio chiave)',
            counted: 'scena|parte|inquadratura|sezione|capitolo|slide|atto|sequenza|clip',
            voices: 'narratore|narratrice|narrazione|voce fuori campo|voice[ -]?over|v\\.?o\\.?'
                .'|speaker(?: ?\\d+)?|presentatore|presentatrice|conduttore|conduttrice|tutti|ospite|dialogo'
                .'|testo parlato',
            pictures: 'visual[ei]?|visiv[oi]|immagin[ei](?: suggerit[ae])?|foto|video|primo piano|campo lungo|b['
                .' -]?roll'
                .'|telecamera|camera|sfondo|illustrazione|prompt(?: (?:dell[\'’])?immagine)?|si vede|azione'
                .'|riprese',
            sounds: 'musica(?: di sottofondo)?|suon[oi]|effett[oi] sonor[oi]|rumori|sfx|atmosfera sonora',
            fields: 'testo (?:a schermo|sullo schermo|in sovrimpressione)|a schermo|sovrimpressione'
                .'|sottotitoli?|titolo(?: del video)?|durata(?: totale| stimata)?|tempo|lunghezza|tono|stile'
                .'|atmosfera|pubblico(?: di riferimento)?|target|formato|proporzioni|piattaforma|parole chiave'
                .'|hashtag|descrizione|numero di parole|miniatura|note?(?: di (?:produzione|regia|montaggio))?'
                .'|luci|illuminazione|grafic[ahe]+|transizion[ei]|montaggio|oggetti|luogo|lingua|tema|argomento'
                .'|obiettivo|font[ei]|prompt negativo|tipo di voce|colori|effetti|autore|data|versione',
            either: 'voce|testo|copione|audio|battuta',
            statements: 'nota bene|ricorda|ricordate|attenzione|avvertenza|consiglio|trucco|mito|fatto|verità'
                .'|realtà|domanda|risposta|passo|motivo|ragione|giorno|settimana|regola|errore|lezione|problema'
                .'|soluzione|risultato|esempio|importante|primo|secondo|terzo|poi|infine|oggi|domani|ieri'
                .'|adesso|ora|e|ma|uno|due|tre|quattro|cinque|sei|sette|otto|nove|dieci|lunedì|martedì'
                .'|mercoledì|giovedì|venerdì|sabato|domenica|immagina|morale|leggenda|curiosità|(?:il|lo|la|i'
                .'|gli|le|un|una|suo|sua|mio) .{2,30}|l[\'’].{2,30}',
        );
    }

    private static function notes(): NoteWords
    {
        return new NoteWords(
            directions: 'mostra\\w*|immagine|foto|inquadratura|primo piano|camera|telecamera|zoom|panoramica'
                .'|stacco|taglio|dissolvenza|transizione|pausa|silenzio|ride|risate?|sospir\\w*|sussurr\\w*'
                .'|piano|lentamente|lento|veloce|forte|calm\\w*|seri[oa]\\w*|triste\\w*|sorrid\\w*|sorriso'
                .'|respir\\w*|musica|suono|rumore|effetto|tuono|campana|applausi|testo|sottotitolo|drone'
                .'|montaggio|fuori campo|tono|misterios\\w*|enfasi|gancio|scena|narratore',
            verbs: 'è|sono|era|erano|fu|furono|ha|hanno|aveva|sarà|può|poteva|disse|venne|sapeva',
            spokenColumns: 'narrazione|narratore|voce(?: fuori campo)?|testo(?: parlato)?|audio|dialogo|copione'
                .'|voice[ -]?over|parlato',
        );
    }

    private static function replies(): ReplyWords
    {
        return new ReplyWords(
            opening: '(?:certo|certamente|ecco(?:lo|ti|la)?|va bene|naturalmente|volentieri|perfetto|ottimo'
                .'|di seguito|questo è|assolutamente)\\b',
            offer: '(?:fammi sapere|fatemi sapere|mi faccia sapere|vuoi che|vorresti|desidera|se (?:vuoi'
                .'|preferisci|desideri|vuole)|posso (?:anche|adattar\\w*|scriver\\w*|fare|modificar\\w*)|dimmi'
                .'|spero che|non esitare|ti serve)\\b',
            product: 'copion[ei]|script|version[ei]|bozz[ae]|tono|modific\\w*|cambi\\w*|adatt\\w*|variant[ei]'
                .'|più cort\\w*|più brev\\w*|più lung\\w*|riscriv\\w*|hashtag|secondi|testo',
            tips: '(?:consigli|note|suggerimenti)(?: (?:di|per|sul|sulla) .{1,40})?|perché funziona'
                .'|prossimi passi',
        );
    }

    private static function pages(): PageWords
    {
        return new PageWords(
            menu: 'home|notizie|chi siamo|contatti|negozio|cerca|menu|accedi|registrati|abbonati|sport|cultura'
                .'|economia|politica|opinioni|meteo|viaggi|eventi|galleria|dona|aiuto|podcast|video|altro'
                .'|scienza|società|lavoro|newsletter|archivio|note legali|privacy|condividi|stampa|mondo'
                .'|cronaca',
            sure: '(?:leggi (?:anche|di più|tutto|di piu)|continua a leggere|scopri di più|vedi anche'
                .'|ti potrebbe interessare|potrebbe interessarti(?: anche)?)(?:\\s*[:>→»–-]\\s*.{0,120})?'
                .'|condividi (?:questo articolo|su .{1,25}|via .{1,25}|l[\'’]articolo)|copia link'
                .'|stampa(?: questa pagina)?|(?:usiamo|utilizziamo|questo sito (?:web )?(?:usa'
                .'|utilizza)) (?:i )?cookie.*|(?:accetta|rifiuta)(?: (?:tutto|tutti|i cookie|tutti i cookie))?'
                .'|(?:iscriviti|abbonati|registrati|ricevi)\\b.*(?:newsletter|e-?mail).*'
                .'|di (?-i:\\p{Lu}[\\p{L}’\'.-]+ \\p{Lu}[\\p{L}’\'.-]+)|(?:pubblicato|aggiornato)(?: il'
                .'|:)?\\s.{0,12}\\d.{0,40}|\\d{1,2} (?:gennaio|febbraio|marzo|aprile|maggio|giugno|luglio'
                .'|agosto|settembre|ottobre|novembre|dicembre) \\d{4}.{0,20}|(?:crediti|fonte)\\s*:\\s*.*'
                .'|.{0,80}\\((?:foto|crediti|immagine)\\b[^)]*\\)|tempo di lettura.{0,20}'
                .'|tutti i diritti riservati\\.?|vai al contenuto(?: principale)?|torna (?:su|in alto'
                .'|alla home)|pubblicità|lascia un commento|\\d+ (?:ore|giorni|minuti) fa',
            listHead: 'commenti(?: ?\\(\\d+\\))?|\\d+ commenti|riferimenti|fonti|bibliografia'
                .'|collegamenti esterni|indice|etichette|tag|articoli correlati|correlati|i più letti'
                .'|voci correlate|note',
        );
    }
}
