<?php

declare(strict_types=1);

namespace RapidReel\Text\Rules\Lists;

/** Spanish. */
final class Spanish
{
    public static function list(): WordList
    {
        return new WordList(self::labels(), self::notes(), self::replies(), self::pages());
    }

    private static function labels(): LabelWords
    {
        return new LabelWords(
            parts: '(?:el |la )?(?:gancho|introducción|intro|inicio|apertura|desarrollo|cuerpo|nudo|giro|clímax'
                .'|cierre|final|conclusión|desenlace|despedida|llamad[ao] a la acción|cta|hook|outro|remate'
                .'|mensaje clave)',
            counted: 'escena|parte|toma|plano|sección|capítulo|diapositiva|acto|secuencia|clip',
            voices: 'narrador(?:a)?|narración|voz en off|locutor(?:a)?|locución|presentador(?:a)?|v\\.?o\\.?'
                .'|todos|invitad[oa]|entrevistador(?:a)?|diálogo|hablante(?: ?\\d+)?|texto hablado',
            pictures: 'visual(?:es)?(?: sugerid[oa]s?)?|imagen(?:es)?(?: sugerida)?|fotos?|vídeos?|videos?'
                .'|plano (?:general|detalle|medio)|primer plano|b[ -]?roll|cámara|fondo|ilustración'
                .'|prompt(?: de (?:la )?imagen)?|en pantalla se ve|se ve|acción|descripción visual'
                .'|tomas? de apoyo',
            sounds: 'música(?: de fondo)?|sonidos?|efectos? (?:de sonido|sonoros?)|ambiente(?: sonoro)?|sfx',
            fields: 'texto en (?:la )?pantalla|en pantalla|rótulos?|sobreimpresión|subtítulos?'
                .'|títulos?(?: del v[ií]deo)?|duración(?: total| estimada)?|tiempo|longitud|tono|estilo'
                .'|ambiente|público(?: objetivo)?|audiencia|formato|relación de aspecto|plataformas?'
                .'|palabras? clave|etiquetas|hashtags?|descripción|número de palabras|miniatura'
                .'|notas?(?: de (?:producción|rodaje|edición))?|observaciones|iluminación|luz|gráficos?'
                .'|transici(?:ón|ones)|edición|montaje|utilería|lugar|ubicación|idioma|tema|objetivo|fuentes?'
                .'|prompt negativo|tipo de voz|colores?|efectos?|autor(?:a)?|fecha|versión',
            either: 'voz|texto|guion|guión|audio|línea',
            statements: 'nota importante|recuerda|recuerden|atención|advertencia|cuidado|ojo|consejo|truco|mito'
                .'|hecho|dato|dato curioso|verdad|realidad|pregunta|respuesta|paso|razón|día|semana|regla|error'
                .'|lección|problema|solución|resultado|ejemplo|importante|primero|segundo|tercero|luego|después'
                .'|hoy|mañana|ayer|ahora|y|pero|uno|dos|tres|cuatro|cinco|seis|siete|ocho|nueve|diez|lunes'
                .'|martes|miércoles|jueves|viernes|sábado|domingo|imagina|moraleja|leyenda|(?:el|la|los|las|su'
                .'|sus|un|una|mi) .{2,30}',
        );
    }

    private static function notes(): NoteWords
    {
        return new NoteWords(
            directions: 'mostrar|muestra|imagen|foto|toma|plano|primer plano|cámara|zoom|paneo|corte|fundido'
                .'|transición|pausa|silencio|ríe|risas?|suspir\\w*|susurr\\w*|suave(?:mente)?|bajito|despacio'
                .'|lent\\w*|rápid\\w*|fuerte|calmad\\w*|tranquil\\w*|seri[oa]\\w*|triste\\w*|sonrí\\w*'
                .'|sonrie\\w*|respira\\w*|música|sonido|ruido|efecto|trueno|campana|aplausos|texto|subtítulo'
                .'|dron|montaje|voz en off|en off|tono|misterios\\w*|énfasis|gancho|escena|narrador',
            verbs: 'es|son|era|eran|fue|fueron|ha|han|había|tiene|tenía|será|puede|podía|dijo|vino|sabía|está'
                .'|estaba',
            spokenColumns: 'narración|narrador|voz(?: en off)?|locución|texto(?: hablado)?|audio|diálogo|guion'
                .'|guión',
        );
    }

    private static function replies(): ReplyWords
    {
        return new ReplyWords(
            opening: '(?:claro|por supuesto|aquí (?:tienes|está|va|tiene)|aqui (?:tienes|está)|desde luego'
                .'|perfecto|con gusto|genial|este es|a continuación|seguro|vale)\\b',
            offer: '(?:dime|avísame|avisame|hazme saber|quieres que|te gustaría|le gustaría|quiere que'
                .'|si (?:quieres|prefieres|necesitas|deseas)|puedo (?:también|adaptar|hacer|escribir|ajustar)'
                .'|también puedo|espero que|no dudes|necesitas)\\b',
            product: 'gui[oó]n(?:es)?|versi[oó]n(?:es)?|borrador(?:es)?|tono|cambios?|ajust\\w*|modific\\w*'
                .'|adapt\\w*|variantes?|variaciones|más cort\\w*|más larg\\w*|reescri\\w*|hashtags|segundos'
                .'|ganchos?',
            tips: '(?:consejos|notas|trucos)(?: (?:de|para|sobre) .{1,40})?|por qué funciona|próximos pasos',
        );
    }

    private static function pages(): PageWords
    {
        return new PageWords(
            menu: 'inicio|noticias|actualidad|sobre nosotros|quiénes somos|contacto|tienda|buscar|menú'
                .'|iniciar sesión|registrarse|suscr[ií]bete|deportes?|cultura|economía|política|opinión|tiempo'
                .'|viajes?|eventos|galería|donar|ayuda|podcasts?|vídeos?|videos?|más|ciencia|sociedad|empleo'
                .'|boletín|archivo|aviso legal|privacidad|compartir|imprimir|mundo|local',
            sure: '(?:leer (?:más|también)|lee también|lea también|seguir leyendo|sigue leyendo|más información'
                .'|ver también|te puede interesar|también te puede interesar)(?:\\s*[:>→»–-]\\s*.{0,120})?'
                .'|compart(?:ir|e) (?:este artículo|en .{1,25}|por .{1,25}|esta noticia|el artículo)'
                .'|copiar enlace|imprimir(?: esta página)?|(?:usamos|utilizamos|este sitio (?:web )?(?:usa'
                .'|utiliza)) cookies.*|(?:aceptar|rechazar)(?: (?:todo|todas|cookies|todas las cookies'
                .'|las cookies))?|configurar cookies|(?:suscríbete|suscríbase|regístrate|apúntate'
                .'|recibe)\\b.*(?:boletín|newsletter|correo|e-?mail).*'
                .'|por (?-i:\\p{Lu}[\\p{L}’\'.-]+ \\p{Lu}[\\p{L}’\'.-]+)(?:,? .{0,20})?|(?:publicado'
                .'|actualizado)(?: el|:)?\\s.{0,12}\\d.{0,40}|\\d{1,2} de (?:enero|febrero|marzo|abril|mayo'
                .'|junio|julio|agosto|septiembre|octubre|noviembre|diciembre) (?:de |del )?\\d{4}.{0,20}'
                .'|(?:crédito|fuente)\\s*:\\s*.*|.{0,80}\\((?:foto|crédito|imagen)\\b[^)]*\\)'
                .'|tiempo de lectura.{0,20}|\\d+ min(?:utos)? de lectura|todos los derechos reservados\\.?'
                .'|(?:ir|saltar) al contenido(?: principal)?|volver (?:arriba|al inicio)|publicidad'
                .'|deja(?:r)? un comentario|hace \\d+ (?:horas|días|minutos)',
            listHead: 'comentarios?(?: ?\\(\\d+\\))?|\\d+ comentarios?|referencias|fuentes|bibliografía'
                .'|enlaces externos|índice|contenido|etiquetas|artículos relacionados|noticias relacionadas'
                .'|relacionad[oa]s|lo más leído|más leídas|véase también|te puede interesar'
                .'|también te puede interesar',
        );
    }
}
