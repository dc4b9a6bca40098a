<?php

declare(strict_types=1);

namespace RapidReel\Base\Language\Pack;

/** French. */
final class French
{
    public static function pack(): LanguagePack
    {
        return new LanguagePack(
            code: 'fr',
            words: self::words(),
            ends: self::ends(),
            syllables: self::syllables(),
            sample: 'La lampe brûlait au crépuscule, et à neuf heures la baie disparut dans la brume.',
            examples: [
                'Personne ne vint.',
                'La porte était ouverte.',
                'Il a plu pendant neuf jours.',
                'Deux bateaux quittèrent le port avant l’aube.',
                'En 1911, le pont fut fermé aux charrettes.',
                'Il compta les marches, les fenêtres et les chaises.',
                'La plus vieille horloge de la vallée tourne à l’envers, et elle n’est jamais en retard.',
                'Qu’auriez-vous fait ?',
                'On disait que la montagne entendait tout, alors on chuchotait.',
                'L’inventeur vendit sept brevets, perdit l’argent en une soirée et recommença.',
                'Suivez-nous pour la prochaine histoire.',
                'Personne ne comprenait la machine. Chacun avait un avis.',
                'Un petit feu brûlait sur la plage, et personne ne l’avait allumé.',
                'La photo montre tout un orchestre endormi.',
                'Sa grand-mère avait dessiné la carte de mémoire, après un seul été sur l’île.',
                'Pourquoi une rivière sans eau a-t-elle encore un passeur ?',
                'Il y avait 340 lettres dans la boîte ; chacune était vide.',
                'Attendez… Quelque chose bougeait derrière le moulin.',
                'Le boulanger trouva la bague dans un pain qu’il n’avait pas cuit.',
                'Retenez ceci : la seconde clé n’ouvre rien.',
            ],
        );
    }

    private static function words(): PackWords
    {
        return new PackWords(
            functionWords: 'a à ai aie ainsi alors après as au aucun aucune aussi autre autres aux avait avaient '
                .'avant avec avez avoir avons bien c ça car ce ceci cela celle celles celui cent ces cet cette ceux '
                .'chaque chez ci comme comment d dans de debout dedans depuis des deux du elle elles en encore entre '
                .'es est et étaient était étant été être eu eux fait faire faut fois font hors ici il ils j jamais je '
                .'juste l la là le les leur leurs lui m ma mais me même mes moi mon n ne ni non nos notre nous on ont '
                .'or ou où par parce pas pendant peu peut peuvent plus pour pourquoi puis qu quand que quel quelle '
                .'quelles quels qui quoi s sa sans se sera ses si sien son sont sous sur t ta te tes toi ton tous '
                .'tout toute toutes très trois tu un une vers voici voilà vos votre vous y an ans année jour homme '
                .'femme gens chose choses temps',
            openings: [
                '(?:salut|bonjour|bonsoir|coucou|hello|hey)(?:,? (?:à tous|à toutes|tout le monde|les amis|la team|à '
                    .'vous))*(?:,? (?:et )?bienvenue(?: (?:sur|dans|à) [^,.!?:—–]{2,50})?)?',
                '(?:et )?bienvenue(?: à tous)?(?: (?:sur|dans|à) [^,.!?:—–]{2,50})?',
                '(?:alors |donc |bon )*(?:dans cette vidéo|aujourd(?:\'|’)hui)(?:,? (?:on va (?:parler de|voir)|je '
                    .'vais vous (?:parler de|montrer|raconter)|nous allons (?:parler de|voir)|je vous (?:parle de'
                    .'|raconte|montre)))',
                '(?:c(?:\'|’)est parti|allons-y|on y va)',
                '(?:je m(?:\'|’)appelle|je suis) \p{Lu}[\p{L} .\'’-]{1,40}?(?=[,.!?]|$)',
            ],
            asks: '(?:et |alors |maintenant )*(?:suivez|suis|abonnez|abonne|partagez|partage|commentez|'
                .'commente|dites|dis|écrivez|écris|racontez|likez|like|aimez|enregistrez|regardez|regarde|'
                .'cliquez|restez|rejoignez|revenez|pensez|essayez|visitez)',
            joining: 'et|ou|mais|car|donc|parce|quand|lorsque|pendant|jusqu(?:\'|’)à|avant|après|où|qui|que|dont|'
                .'si|comme|puis|pour|avec|sans|dans|sur|sous|à|au|aux|de|du|des|en|par|vers|chez',
        );
    }

    private static function ends(): SentenceEnds
    {
        return new SentenceEnds(
            abbreviations: 'mm|mme|mmes|mlle|dr|pr|st|ste|av|bd|chap|etc|fig|no|pp|vol|janv|févr|avr|juil|'
                .'sept|oct|nov|déc',
            mayEnd: 'etc|av|bd|no',
        );
    }

    private static function syllables(): SyllableRule
    {
        return new SyllableRule(
            vowels: 'eaux?|œu|eui|oui|ou|oi|oy|ai|ay|au|ei|ey|eu|ui|[aeiouyàâéèêëîïôùûüœæ]',
            silent: '(?<=[^aeiouyàâéèêëîïôùûüœæ])(?:es?|ent)$',
            ease: EaseFormula::KandelMoles,
        );
    }
}
