<?php

declare(strict_types=1);

namespace RapidReel\Base\Language\Pack;

/** Portuguese. */
final class Portuguese
{
    public static function pack(): LanguagePack
    {
        return new LanguagePack(
            code: 'pt',
            words: self::words(),
            ends: self::ends(),
            syllables: self::syllables(),
            sample: 'A lâmpada ardia ao anoitecer, e às nove a névoa tinha coberto toda a baía.',
            examples: [
                'Ninguém veio.',
                'A porta estava aberta.',
                'Choveu durante nove dias.',
                'Ela nunca lhes disse por quê.',
                'O que você teria feito?',
                'Dois barcos deixaram o porto antes do amanhecer.',
                'Um pequeno fogo ardia na praia, e ninguém o tinha acendido.',
                'Em 1911, a ponte foi fechada aos carros.',
                'Ele contou os degraus, as janelas e as cadeiras.',
                'O relógio mais antigo do vale anda para trás, e nunca se atrasa.',
                'Siga para a próxima história.',
                'Havia 340 cartas na caixa; todas estavam vazias.',
                'As pessoas diziam que a montanha podia ouvi-las, e por isso sussurravam ao atravessá-la.',
                'O padeiro encontrou o anel num pão que não tinha assado.',
                'Por que um rio sem água ainda tem um barqueiro?',
                'A avó dela tinha desenhado o mapa de memória, depois de um único verão na ilha.',
                'Espere… Algo se mexeu atrás do moinho.',
                'O inventor vendeu sete patentes, perdeu o dinheiro numa noite e recomeçou.',
                'Ninguém entendia a máquina. Todos tinham uma opinião.',
                'Lembre-se: a segunda chave não abre nada.',
            ],
        );
    }

    private static function words(): PackWords
    {
        return new PackWords(
            functionWords: 'a à ao aos aquela aquele aqui as às até através cada com como contra da das de dela dele '
                .'deles depois desde do dos duas e é ela elas ele eles em entre era eram essa essas esse esses esta '
                .'está estão estava estavam estas este estes eu foi foram há havia isso isto já lá lhe lhes mais mas '
                .'me meio menos mesmo meu meus minha muita muito muitos na nada não nas nem nenhum ninguém no nos nós '
                .'nossa nosso num numa nunca o onde os ou outra outras outro outros para pela pelas pelo pelos '
                .'perante pode podem por porque pouco qual quando quanto quase que quem se sem sempre ser seu seus '
                .'sob sobre sua suas também tão te tem têm tinha toda todas todo todos três tu tudo um uma umas uns '
                .'vai você vocês ano anos dia homem mulher gente coisa coisas vez tempo',
            openings: [
                '(?:olá|oi|bom dia|boa (?:tarde|noite)|e aí|hey)(?:,? (?:pessoal|gente|galera|amigos|a todos'
                    .'|turma))*(?:,? (?:e )?(?:sejam? )?bem-?vindos?(?: de volta)?(?: a[o]? [^,.!?:—–]{2,50})?)?',
                '(?:e )?(?:sejam? )?bem-?vind[oa]s?(?: de volta)?(?: a[o]? [^,.!?:—–]{2,50})?',
                '(?:então |bom |agora )*(?:neste (?:vídeo|short)|hoje)(?:,? (?:vamos (?:falar de|ver)|eu vou (?:te '
                    .')?(?:contar|mostrar|falar de)|vou (?:te )?(?:contar|mostrar|falar de)|falaremos de))',
                '(?:vamos lá|vamos começar|comecemos)',
                '(?:meu nome é|eu sou|sou|me chamo) (?:[oa] )?\p{Lu}[\p{L} .\'’-]{1,40}?(?=[,.!?]|$)',
            ],
            asks: '(?:e |então |agora |por favor,? )*(?:siga|segue|inscreva|inscreve|compartilhe|partilhe|'
                .'comente|comenta|conte|conta|diga|diz|escreva|salve|guarde|veja|olhe|clique|toque|deixe|'
                .'junte|volte|fique|lembre|experimente|visite|curta)',
            joining: 'e|ou|mas|porque|quando|enquanto|até|antes|depois|onde|que|quem|se|como|para|com|sem|em|no|'
                .'na|sobre|sob|entre|a|ao|à|de|do|da|desde|por|pelo|pela',
        );
    }

    private static function ends(): SentenceEnds
    {
        return new SentenceEnds(
            abbreviations: 'sr|sra|srta|dr|dra|av|etc|fig|nº|núm|pág|págs|prof|sta|sto|vol|jan|fev|abr|nov|'
                .'dez',
            mayEnd: 'etc|av|ex',
        );
    }

    private static function syllables(): SyllableRule
    {
        return new SyllableRule(
            vowels: '(?<=[qg])u(?=[ei])|ão|ãe|õe|[iu]?[aeoáàâãéêóôõ](?:[iu](?![aeiou]))?|[iuíúüy]',
            ease: EaseFormula::Martins,
        );
    }
}
