<?php

declare(strict_types=1);

namespace RapidReel\Text\Rules\Lists;

/** French. */
final class French
{
    public static function list(): WordList
    {
        return new WordList(self::labels(), self::notes(), self::replies(), self::pages());
    }

    private static function labels(): LabelWords
    {
        return new LabelWords(
            parts: '(?:l[\'’]|le |la )?(?:accroche|introduction|intro|début|corps|développement|milieu|chute'
                .'|conclusion|fin|clôture|appel à l[\'’]action|outro|cta|hook|révélation|rebondissement'
                .'|phrase d[\'’]accroche|message clé)',
            counted: 'scène|partie|plan|séquence|chapitre|section|diapositive|acte|étape visuelle',
            voices: 'narrateur|narratrice|narration|voix[ -]?off|v\\.?o\\.?|présentateur|présentatrice'
                .'|animateur|animatrice|intervenant(?:e)?(?: ?\\d+)?|tous|invitée?|dialogue|texte parlé'
                .'|texte à dire|voix hors champ',
            pictures: 'visuels?(?: suggérés?)?|images?|photos?|vidéos?|plan(?: large| serré| moyen| fixe)?|gros plan'
                .'|b[ -]?roll|caméra|arrière[ -]plan|décor|illustration|prompt(?: d[\'’]image| image| visuel)?'
                .'|à l[\'’]image|on voit|action|description (?:visuelle|de la scène)|images d[\'’]illustration',
            sounds: 'musique(?: de fond)?|sons?|bruitages?|ambiance(?: sonore)?|effets? sonores?|sfx',
            fields: 'texte à l[\'’]écran|texte affiché|à l[\'’]écran|incrustation|sous[ -]?titres?'
                .'|titres?(?: de la vidéo)?|durée(?: totale| estimée)?|longueur|minutage|temps|ton|style|humeur'
                .'|public(?: cible)?|cible|format|ratio|plateformes?|mots[ -]?clés?|hashtags?|description'
                .'|nombre de mots|miniature|vignette|notes?(?: de (?:production|tournage|montage))?'
                .'|remarques(?: de production)?|éclairage|lumière|graphiques?|bandeau|transitions?|montage'
                .'|accessoires|lieu|langue|sujet|thème|objectif|sources?|prompt négatif|type de voix|couleurs?'
                .'|effets?|auteur|date|version|légende',
            either: 'voix|texte|script|audio|réplique',
            statements: 'note|remarque importante|rappel|rappelez-vous|souvenez-vous|souviens-toi|attention'
                .'|avertissement|conseil|astuce|mythe|fait|vérité|réalité|question|réponse|étape|raison|jour'
                .'|semaine|règle|erreur|leçon|problème|solution|résultat|exemple|important|d[\'’]abord|ensuite'
                .'|enfin|puis|aujourd[\'’]hui|demain|hier|maintenant|et|mais|donc|un|deux|trois|quatre|cinq|six'
                .'|sept|huit|neuf|dix|premièrement|deuxièmement|lundi|mardi|mercredi|jeudi|vendredi|samedi'
                .'|dimanche|imaginez|imagine|morale|légende|anecdote|bonus|(?:le|la|les|son|sa|ses|un|une|mon'
                .'|ma|leur) .{2,30}|l[\'’].{2,30}',
        );
    }

    private static function notes(): NoteWords
    {
        return new NoteWords(
            directions: 'montre[rz]?|image|photo|plan|gros plan|plan large|caméra|zoom|travelling|panoramique'
                .'|coupe|fondu|transition|pause|silence|temps|rires?|rit|soupir\\w*|chuchot\\w*|murmur\\w*'
                .'|doucement|lentement|rapidement|vite|fort|calme|sérieu\\w*|triste\\w*|souri\\w*|respir\\w*'
                .'|musique|son|bruit\\w*|bruitage|tonnerre|cloche|applaudissements|texte|sous[ -]?titre|drone'
                .'|montage|voix[ -]?off|hors champ|ton|mystérieu\\w*|accroche|scène|narrateur|insert',
            verbs: 'est|sont|était|étaient|a|ont|avait|avaient|sera|peut|pouvait|dit|vint|savait|fait|fut',
            spokenColumns: 'narration|narrateur|voix(?:[ -]?off)?|texte(?: parlé| à dire)?|audio|dialogue'
                .'|script|paroles',
        );
    }

    private static function replies(): ReplyWords
    {
        return new ReplyWords(
            opening: '(?:bien sûr|voici|voilà|d[\'’]accord|certainement|avec plaisir|absolument|parfait|super'
                .'|pas de problème|ci-dessous)(?=\\W|$)',
            offer: '(?:dis[ -]moi|dites[ -]moi|n[\'’]hésite[sz]?(?:[ -]pas)?|souhaite[sz][ -](?:tu|vous)'
                .'|veux[ -]tu|voulez[ -]vous|voudrais[ -]tu|faites[ -]moi savoir|fais[ -]moi savoir|si (?:tu'
                .'|vous) (?:veux|voulez|souhaite[sz]|préfère[sz])|je peux (?:aussi|également|l[\'’]adapter|te'
                .'|vous)|j[\'’]espère|besoin d)',
            product: 'scripts?|versions?|brouillons?|ton|modifi\\w*|changements?|ajust\\w*|adapt\\w*|variantes?'
                .'|plus court\\w*|plus long\\w*|réécri\\w*|hashtags|texte|vidéo de \\d+|accroches?|secondes',
            tips: '(?:conseils|astuces|notes|remarques)(?: (?:de|pour|sur) .{1,40})?|pourquoi ça marche'
                .'|prochaines étapes',
        );
    }

    private static function pages(): PageWords
    {
        return new PageWords(
            menu: 'accueil|actualités?|à propos|contact(?:ez-nous)?|boutique|recherche(?:r)?|menu|connexion'
                .'|se connecter|s[\'’]inscrire|s[\'’]abonner|sport|culture|économie|politique|opinions?|météo'
                .'|voyages?|événements|galerie|dons?|aide|podcasts?|vidéos?|plus|sciences?|société|emploi'
                .'|newsletter|archives|mentions légales|confidentialité|partager|imprimer|régions?|monde',
            sure: '(?:lire (?:aussi|la suite|plus|également)|à lire (?:aussi|également)?|en savoir plus'
                .'|voir aussi|sur le même sujet|continuer la lecture)(?:\\s*[:>→»–-]\\s*.{0,120})?'
                .'|partager (?:cet article|sur .{1,25}|par .{1,25}|l[\'’]article)|envoyer par e-?mail'
                .'|copier le lien|imprimer(?: cet article)?|(?:nous utilisons|ce site utilise) des cookies.*'
                .'|(?:tout )?(?:accepter|refuser)(?: (?:tout|les cookies|tous les cookies))?'
                .'|paramétrer les cookies|(?:inscrivez-vous|abonnez-vous|s[\'’]inscrire'
                .'|recevez)\\b.*(?:newsletter|lettre d[\'’]information|e-?mail).*'
                .'|par (?-i:\\p{Lu}[\\p{L}’\'.-]+ \\p{Lu}[\\p{L}’\'.-]+)(?:,? .{0,20})?|(?:publié|mis à jour'
                .'|modifié|posté)e?(?: le|:)\\s.{0,12}\\d.{0,40}|(?:le )?\\d{1,2}(?:er)? (?:janvier|février'
                .'|mars|avril|mai|juin|juillet|août|septembre|octobre|novembre|décembre) \\d{4}.{0,20}'
                .'|(?:crédits?(?: photo)?|légende|source)\\s*:\\s*.*|.{0,80}\\((?:photo|crédit'
                .'|image)\\b[^)]*\\)|temps de lecture.{0,20}|\\d+ min(?:utes)? de lecture|lecture \\d.{0,10}'
                .'|tous droits réservés\\.?|aller au contenu(?: principal)?|retour (?:en haut|à l[\'’]accueil)'
                .'|haut de page|publicité|laisser un commentaire|il y a \\d+ (?:heures|jours|minutes)',
            listHead: 'commentaires?(?: ?\\(\\d+\\))?|\\d+ commentaires?|références|notes et références|sources'
                .'|bibliographie|liens externes|sommaire|table des matières|mots-clés|articles (?:liés'
                .'|similaires|connexes|récents)|les plus lus|à la une|voir aussi|sur le même (?:sujet|thème)',
        );
    }
}
