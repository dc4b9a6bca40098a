<?php

declare(strict_types=1);

namespace RapidReel\Base\Language\Pack;

/** Italian. */
final class Italian
{
    public static function pack(): LanguagePack
    {
        return new LanguagePack(
            code: 'it',
            words: self::words(),
            ends: self::ends(),
            syllables: self::syllables(),
            sample: 'La lampada ardeva al tramonto, e alle nove la nebbia aveva coperto tutta la baia.',
            examples: [
                'Nessuno venne.',
                'La porta era aperta.',
                'Piovve per nove giorni.',
                'Lei non disse mai perché.',
                'Che cosa avresti fatto tu?',
                'Due barche lasciarono il porto prima dell’alba.',
                'Un piccolo fuoco ardeva sulla spiaggia, e nessuno lo aveva acceso.',
                'Nel 1911 il ponte fu chiuso ai carri.',
                'Contò i gradini, le finestre e le sedie.',
                'L’orologio più antico della valle va all’indietro, e non è mai in ritardo.',
                'Seguici per la prossima storia.',
                'C’erano 340 lettere nella scatola; tutte erano vuote.',
                'La gente diceva che la montagna poteva sentirli, e così sussurravano attraversandola.',
                'Il fornaio trovò l’anello in un pane che non aveva cotto lui.',
                'Perché un fiume senza acqua ha ancora un traghettatore?',
                'Sua nonna aveva disegnato la mappa a memoria, dopo una sola estate sull’isola.',
                'Aspetta… Qualcosa si mosse dietro il mulino.',
                'L’inventore vendette sette brevetti, perse il denaro in una sera e ricominciò.',
                'Nessuno capiva la macchina. Tutti avevano un’opinione.',
                'Ricorda: la seconda chiave non apre nulla.',
            ],
        );
    }

    private static function words(): PackWords
    {
        return new PackWords(
            functionWords: 'a abbia abbiamo ad agli ai al alla alle allo allora altra altre altri altro anche ancora '
                .'avere aveva avevano bene c che chi ci ciò come con contro così cui da dagli dai dal dalla dalle '
                .'dallo degli dei del della delle dello dentro di dopo dove due e è ed era erano essere fa fino fra '
                .'fu furono già gli ha hanno ho i il in infatti io l la le lei li lo loro lui ma mai me meno mentre '
                .'mi mia mio molta molti molto ne negli nei nel nella nelle nello nessuno niente noi non nostra '
                .'nostro nulla o ogni oltre ora per perché però più poco poi prima qua quale quali quando quanto '
                .'quasi quel quella quelle quelli quello questa queste questi questo qui se sei sempre senza si sia '
                .'solo sono sopra sotto sta stata stato stesso su sua sue sugli sui sul sulla suo suoi tanto te ti '
                .'tra tre troppo tu tua tuo tutta tutte tutti tutto un una uno vi voi anno anni giorno uomo donna '
                .'gente cosa cose volta tempo',
            openings: [
                '(?:ciao|salve|buongiorno|buonasera|ehi|hey)(?:,? (?:a tutti|a tutte|ragazzi|amici|gente))*(?:,? (?:e '
                    .')?benvenut[iaoe](?: (?:su|in|a) [^,.!?:—–]{2,50})?)?',
                '(?:e )?bentornat[iaoe](?: [^,.!?:—–]{2,50})?|(?:e )?benvenut[iaoe](?: (?:su|in|a) [^,.!?:—–]{2,50})?',
                '(?:allora |dunque |bene )*(?:in questo (?:video|short)|oggi)(?:,? (?:parliamo di|vediamo|vi (?:parlo '
                    .'di|racconto|mostro)|ti (?:parlo di|racconto|mostro)|parleremo di))',
                '(?:cominciamo|iniziamo|andiamo)',
                '(?:mi chiamo|sono|il mio nome è) \p{Lu}[\p{L} .\'’-]{1,40}?(?=[,.!?]|$)',
            ],
            asks: '(?:e |allora |ora |per favore,? )*(?:segui|seguici|seguimi|iscriviti|condividi|commenta|'
                .'scrivi|scrivici|dimmi|dicci|racconta|salva|guarda|clicca|tocca|metti|lascia|unisciti|torna|'
                .'resta|ricorda|prova|visita)',
            joining: 'e|ed|o|ma|perché|quando|mentre|finché|prima|dopo|dove|che|chi|se|come|per|con|senza|in|nel|'
                .'nella|su|sul|sulla|sotto|tra|fra|a|al|alla|di|del|della|da|dal|dalla|verso',
        );
    }

    private static function ends(): SentenceEnds
    {
        return new SentenceEnds(
            abbreviations: 'sig|sigg|sigra|dott|prof|avv|dr|ecc|fig|nr|pag|pagg|ss|st|vol|gen|feb|apr|giu|sett|'
                .'ott|nov|dic',
            mayEnd: 'ecc|pag|n',
        );
    }

    private static function syllables(): SyllableRule
    {
        return new SyllableRule(
            vowels: '(?<=[q])u(?=[aeio])|[iu]?[aeoàèéòó](?:[iu](?![aeiou]))?|[iuìùíúy]',
            ease: EaseFormula::Gulpease,
        );
    }
}
