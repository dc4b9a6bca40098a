<?php

declare(strict_types=1);

namespace RapidReel\Text\Rules\Lists;

/** Portuguese. */
final class Portuguese
{
    public static function list(): WordList
    {
        return new WordList(self::labels(), self::notes(), self::replies(), self::pages());
    }

    private static function labels(): LabelWords
    {
        return new LabelWords(
            parts: '(?:o |a )?(?:gancho|introdução|intro|abertura|início|desenvolvimento|corpo|virada'
                .'|reviravolta|clímax|fecho|fechamento|encerramento|final|conclusão|desfecho|chamad[ao] (?:à'
                .'|para a?) ?ação|cta|hook|outro|mensagem principal)',
            counted: 'cena|parte|plano|tomada|seção|secção|capítulo|slide|ato|sequência|clipe',
            voices: 'narrador(?:a)?|narração|voz em off|voz off|locutor(?:a)?|locução|apresentador(?:a)?'
                .'|v\\.?o\\.?|todos|convidad[oa]|falante(?: ?\\d+)?|diálogo|fala|texto falado',
            pictures: 'visual|visuais|image(?:m|ns)(?: sugeridas?)?|fotos?|vídeos?|plano (?:geral|médio|detalhe'
                .'|aberto|fechado)|close|b[ -]?roll|câmera|câmara|fundo|ilustração|prompt(?: d[ea] imagem)?'
                .'|vê-se|ação|cenário|descrição visual',
            sounds: 'música(?: de fundo)?|trilha(?: sonora)?|sons?|efeitos? sonoros?|ruídos?|sfx',
            fields: 'texto (?:na|no|em) (?:tela|ecrã)|na tela|no ecrã|legendas?|títulos?(?: do vídeo)?'
                .'|duração(?: total| estimada)?|tempo|comprimento|tom|estilo|clima|público(?:[ -]alvo)?'
                .'|audiência|formato|proporção|plataforma|palavras[ -]chave|hashtags?|descrição'
                .'|número de palavras|miniatura|notas?(?: de (?:produção|edição|gravação))?|observações'
                .'|iluminação|luz|gráficos?|transiç(?:ão|ões)|edição|montagem|adereços|local|idioma|língua|tema'
                .'|objetivo|fontes?|prompt negativo|tipo de voz|cores|efeitos?|autor(?:a)?|data|versão',
            either: 'voz|texto|roteiro|áudio|linha|guião',
            statements: 'nota importante|lembre-se|lembra-te|lembre|atenção|aviso|cuidado|dica|truque|mito|fato'
                .'|facto|verdade|realidade|pergunta|resposta|passo|razão|motivo|dia|semana|regra|erro|lição'
                .'|problema|solução|resultado|exemplo|importante|primeiro|segundo|terceiro|depois|hoje|amanhã'
                .'|ontem|agora|e|mas|um|dois|três|quatro|cinco|seis|sete|oito|nove|dez|segunda-feira'
                .'|terça-feira|imagine|imagina|moral|lenda|curiosidade|(?:o|a|os|as|um|uma|seu|sua|meu'
                .'|minha) .{2,30}',
        );
    }

    private static function notes(): NoteWords
    {
        return new NoteWords(
            directions: 'mostr\\w*|imagem|foto|tomada|plano|close|câmera|câmara|zoom|panorâmica|corte|fade'
                .'|transição|pausa|silêncio|ri|risos?|suspir\\w*|sussurr\\w*|suave(?:mente)?|baixinho|devagar'
                .'|lent\\w*|rápid\\w*|alto|calm\\w*|séri[oa]\\w*|triste\\w*|sorri\\w*|respira\\w*|música|som'
                .'|ruído|efeito|trovão|sino|aplausos|texto|legenda|drone|montagem|em off|tom|misterios\\w*'
                .'|ênfase|gancho|cena|narrador',
            verbs: 'é|são|era|eram|foi|foram|há|tem|tinha|será|pode|podia|disse|veio|sabia|está|estava',
            spokenColumns: 'narração|narrador|voz(?: (?:em )?off)?|locução|texto(?: falado)?|áudio|diálogo'
                .'|roteiro|fala|guião',
        );
    }

    private static function replies(): ReplyWords
    {
        return new ReplyWords(
            opening: '(?:claro|com certeza|aqui (?:está|vai|tem|estão)|certamente|perfeito|com prazer|ótimo'
                .'|este é|a seguir|segue|sem problema)\\b',
            offer: '(?:me avise|avise-me|diga-me|me diga|quer que|gostaria|deseja|se (?:quiser|preferir|desejar'
                .'|precisar)|posso (?:também|adaptar|fazer|escrever|ajustar)|também posso|espero que|não hesite'
                .'|precisa de)\\b',
            product: 'roteiros?|guião|vers(?:ão|ões)|rascunhos?|tom|mudanças?|alteraç\\w*|ajust\\w*|modific\\w*'
                .'|adapt\\w*|variaç\\w*|mais curt\\w*|mais long\\w*|reescrev\\w*|hashtags|segundos|ganchos?',
            tips: '(?:dicas|notas|observações)(?: (?:de|para|sobre) .{1,40})?|por que funciona|próximos passos',
        );
    }

    private static function pages(): PageWords
    {
        return new PageWords(
            menu: 'início|notícias|quem somos|sobre(?: nós)?|contato|contacto|loja|buscar|pesquisar|menu|entrar'
                .'|iniciar sessão|cadastre-se|registar|assine|esportes?|desporto|cultura|economia|política'
                .'|opinião|tempo|viagens?|eventos|galeria|doar|ajuda|podcasts?|vídeos?|mais|ciência|sociedade'
                .'|empregos?|newsletter|arquivo|privacidade|compartilhar|partilhar|imprimir|mundo|local',
            sure: '(?:leia (?:mais|também)|ler mais|saiba mais|continue lendo|continuar a ler|veja também'
                .'|ver também|você pode gostar)(?:\\s*[:>→»–-]\\s*.{0,120})?|(?:compartilh|partilh)(?:ar'
                .'|e) (?:este artigo|no .{1,25}|na .{1,25}|em .{1,25}|esta notícia|o artigo|por .{1,25})'
                .'|copiar link|imprimir(?: esta página)?|(?:usamos|utilizamos|este site (?:usa'
                .'|utiliza)) cookies.*|(?:aceitar|rejeitar|recusar)(?: (?:tudo|todos|cookies|todos os cookies'
                .'|os cookies))?|(?:inscreva-se|assine|subscreva|receba|cadastre-se)\\b.*(?:newsletter|boletim'
                .'|e-?mail).*|por (?-i:\\p{Lu}[\\p{L}’\'.-]+ \\p{Lu}[\\p{L}’\'.-]+)(?:,? .{0,20})?|(?:publicado'
                .'|atualizado|actualizado)(?: em|:)?\\s.{0,12}\\d.{0,40}|\\d{1,2} de (?:janeiro|fevereiro|março'
                .'|abril|maio|junho|julho|agosto|setembro|outubro|novembro|dezembro) de \\d{4}.{0,20}|(?:crédito'
                .'|fonte)s?\\s*:\\s*.*|.{0,80}\\((?:foto|crédito|imagem)\\b[^)]*\\)'
                .'|tempo de leitura.{0,20}|\\d+ min(?:utos)? de leitura|todos os direitos reservados\\.?|(?:ir'
                .'|pular|saltar) para o conteúdo(?: principal)?|voltar (?:ao topo|ao início)|publicidade'
                .'|deixe um comentário|há \\d+ (?:horas|dias|minutos)',
            listHead: 'comentários?(?: ?\\(\\d+\\))?|\\d+ comentários?|referências|fontes|bibliografia'
                .'|ligações externas|índice|sumário|etiquetas|artigos relacionados|notícias relacionadas'
                .'|relacionad[oa]s|mais lidas|mais lidos|ver também|veja também',
        );
    }
}
