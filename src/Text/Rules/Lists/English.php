<?php

declare(strict_types=1);

namespace RapidReel\Text\Rules\Lists;

/** English. */
final class English
{
    public static function list(): WordList
    {
        return new WordList(self::labels(), self::notes(), self::replies(), self::pages());
    }

    private static function labels(): LabelWords
    {
        return new LabelWords(
            parts: '(?:video |short |script |episode )?(?:outline|overview|transcript)|'
                .'background|context|middle(?: section| part)?|'
                .'(?:the |opening |closing |final |main |strong |visual |first |last )?(?:hook|intro|introduction'
                .'|outro|opening|opener|close|closing|closer|cta|call[ -]to[ -]action|body|build[ -]?up|set[ -]?up'
                .'|pay[ -]?off|twist|climax|beat|content|conclusion|teaser|cold open|ending|end|story|narration'
                .'|script|reveal|voice ?over script|transition line|loop|punch ?line)(?: (?:line|section|sentence'
                .'|question|statement|hook|script|text))?|main (?:points?|message)|value(?: bomb)?|key point',
            counted: 'scene|section|part|act|shot|take|chapter|segment|slide|frame|beat|panel|hook|variation',
            voices: 'host|narrator|narration|narrative|voice[ -]?over(?: (?:text|line|script|artist))?|v\.? ?o\.?|vo'
                .'|speaker(?: ?\d+)?|presenter|announcer|interviewer|interviewee|guest|spoken(?: text| line| words)?'
                .'|dialogue|creator|you say|say|speech|on[ -]camera|talent',
            pictures: 'cut ?aways?|stills?|storyboard|on screen we see|we see|'
                .'(?:opening|closing|final|first|last|establishing|hero) (?:shot|image|frame|visual)|'
                .'(?:suggested |key |main |opening |possible )?(?:visuals?|images?|pictures?|photos?|b[ -]?roll'
                .'|footage|clip|stock(?: footage| video)?|video|animation|illustration|scene description'
                .'|background(?: video| image)?|setting)(?: (?:cues?|ideas?|prompts?|suggestions?|directions?|notes?'
                .'|descriptions?|elements?|shows?))?|(?:ai |midjourney |stable diffusion )?(?:image|video'
                .'|photo)? ?prompt|shows?|camera(?: angles?| movements?| directions?| notes?)?|(?:close[ -]?up|wide'
                .'|aerial|drone|establishing|medium)(?: shot)?|shots? (?:list|type|description)|montage|insert|angle'
                .'|action|screen',
            sounds: '(?:background |intro |outro |suggested |theme )?(?:music|song|soundtrack|track|bgm)(?: (?:cues?'
                .'|mood|style|suggestions?|notes?))?|sfx|fx|sound(?: ?effects?| ?design| ?cues?|s)?'
                .'|ambient(?: sound)?|ambience|audio (?:cues?|notes?|mood)',
            fields: '(?:key|core|main) (?:message|takeaway|idea)|takeaways?|logline|premise|concept|brief|'
                .'(?:post |video |reel )?(?:caption|title|description) for .{1,24}|(?:estimated |total |approx\.?'
                .' |approximate |target )*(?:run[ -]?time|duration|'
                .'length|reading time|read time|speaking time|word count)|coordinates|end screen|end card|'
                .'on[ -]?screen(?: text| caption| title| graphics?)?|text[ -](?:on[ -]?screen|overlay|card)'
                .'|overlay(?: text)?|captions?|sub ?titles?|super|title card|titles?(?: options| ideas| card)?'
                .'|working title|video title|headline|negative prompt|duration|total duration|run ?time'
                .'|run(?:ning)? time|length|estimated (?:length|duration|runtime|time)|time(?: ?codes?| ?stamps?'
                .'|ing)?|tone(?: of voice)?|(?:target )?audience|aspect ratio|ratio|format|platforms?|style|mood|vibe'
                .'|energy|pace|pacing|(?:seo )?keywords?|(?:video )?description|(?:suggested )?hash ?tags?|tags'
                .'|word count|words|(?:voice|vo)(?: (?:style|type|tone|direction|notes?|talent))|delivery'
                .'|thumbnail(?: text| ideas?)?|notes?(?: (?:to|for) (?:the )?(?:self|editor|editing|production|maker'
                .'|video editor))|(?:production |editor\'s? |director\'s |filming |editing )?notes|lighting'
                .'|lower thirds?|graphics?|transitions?|props?|locations?|wardrobe|cast|characters?|genre|language'
                .'|topic|subject|theme|objective|goal|purpose|resolution|frame rate|fps|font|colou?rs?'
                .'|colou?r (?:grade|palette)|effects?|vfx|edit(?:ing)?|cut|emotion|facial expression|gesture|logo'
                .'|credits?|sources?|references?|alt text|file(?: ?name)?|date|version|author|client|channel|series'
                .'|episode|status|posting time|best time to post|pinned comment|post caption|call sheet|camera',
            either: 'voice|audio|text|copy|script|line',
            statements: 'note|remember|warning|caution|tip|pro tip|hint|myth|fact|fun fact|truth|reality|question'
                .'|answer|step|reason|day|week|month|year|rule|mistake|lesson|number|problem|solution|result|example'
                .'|spoiler|spoiler alert|bonus|plot twist|update|breaking|important|attention|listen|look|imagine'
                .'|think|picture this|first|second|third|fourth|fifth|finally|next|then|today|tomorrow|tonight'
                .'|yesterday|before|after|now|why|how|what|when|who|where|because|and|but|so|yes|no|one|two|three'
                .'|four|five|six|seven|eight|nine|ten|option|idea|secret|point|way|thing|sign|habit|clue|theory|level'
                .'|round|phase|stage|morning|evening|night|noon|midnight|monday|tuesday|wednesday|thursday|friday'
                .'|saturday|sunday|january|february|march|april|may|june|july|august|september|october|november'
                .'|december|moral|conclusion|verdict|translation|meaning|trick|hack|challenge|disclaimer|ps|p\.s\.'
                .'|psa|pros?|cons?|cause|effect|old way|new way|expectation|rumou?r|legend|claim|evidence|proof|catch'
                .'|twist|cost|price|total|winner|loser|here\'s why|guess what|long story short|bottom line'
                .'|short answer|the .{2,30}|my .{2,30}|his .{2,30}|her .{2,30}|their .{2,30}|our .{2,30}|your .{2,30}'
                .'|this .{2,30}|that .{2,30}|it .{2,30}|he .{2,30}|she .{2,30}|they .{2,30}|we .{2,30}|you .{2,30}'
                .'|i .{2,30}|in .{2,30}|on .{2,30}|at .{2,30}|a .{2,30}',
        );
    }

    private static function notes(): NoteWords
    {
        return new NoteWords(
            directions: 'show(?:s|ing)?|see|image|picture|photo(?:graph)?|still|clip|footage|visuals?|b[ -]?roll'
                .'|insert|close[ -]?ups?|wide(?: shot)?|shot|camera|zoom\w*|pans?|panning|tilts?|cuts? to|cut|aerial'
                .'|drone|montage|on[ -]?screen|fades?|fade[ -](?:in|out)|dissolve|transition|beat|pauses?|silence'
                .'|text|caption|title|laugh\w*|chuckl\w*|sighs?|sighing|whisper\w*|softly|quietly|loud\w*|dramatic\w*'
                .'|slow(?:ly|er)?|fast(?:er)?|calm\w*|excited\w*|serious\w*|smil\w*|nods?|nodding|looks? (?:to|at'
                .'|into)|breath\w*|emphasis|emphatic\w*|tone|music|song|sfx|fx|sounds?|theme|drums?|drumroll|strings'
                .'|piano|bell tolls|ambient|ambience|audio|gestur\w*|points?(?: to)?|holds?|to camera|off[ -]?screen'
                .'|voice[ -]?over|v\.?o\.?|o\.s\.|cont\'d|applause|wav(?:es?|ing)|creak\w*|slams?|knock(?:s|ing)'
                .'|crash(?:es|ing)|howl\w*|rumbl\w*|bark(?:s|ing)|splash\w*|static|beep\w*|yawn\w*|stammer\w*|shout\w*'
                .'|yell\w*|mutter\w*|cheer\w*|crying|sobbing|gasps?|shrugs?|turns?'
                .'|enters?|exits?|overlay|graphic|hook|intro|outro|cta|scene|narrator|host|inaudible|crosstalk'
                .'|clears throat|ominous|upbeat|sad(?:ly)?|angrily|angry|gently|warm(?:ly)?|deadpan|sarcastic\w*'
                .'|mysterious\w*|whoosh|thunder|footsteps|insert',
            verbs: 'is|are|was|were|has|had|have|will|would|could|can|did|does|do|knew|said|came|went|got|made',
            spokenColumns: 'narration|narrator|voice[ -]?over|voice|v\.?o\.?|audio|script|dialogue|spoken(?: \w+)?'
                .'|what (?:you|i|to) say|words|copy|speech|line|says?|voice ?over (?:script|text|line)|narration text',
        );
    }

    private static function replies(): ReplyWords
    {
        return new ReplyWords(
            opening: '(?:sure|certainly|of course|absolutely|great|got it|okay|ok|no problem|definitely|happy to help'
                .'|perfect|thanks|thank you|alright|here(?:\'|’)?s|here is|here are|here you go|below (?:is|are)'
                .'|this is|i(?:\'|’)ve|i have|i\'ll|as requested|based on)\b',
            offer: '(?:let me know|would you like|do you want|want me to|shall i|should i|feel free|i (?:can'
                .'|could) (?:also|adjust|make|write|turn|create|add|help)|i(?:\'|’)d be happy|i hope|hope this'
                .'|hope that|if you(?:\'|’)d like|if you (?:want|need|prefer)|just (?:say|tell me|ask)|need (?:any|it'
                .'|a)|happy to)\b',
            product: 'scripts?|versions?|drafts?|tone|changes?|tweaks?|adjust\w*|revis\w*|variations?|shorter|longer'
                .'|rewrite|another (?:one|topic|style)|captions|hashtags|shot list|storyboard|word count|hooks'
                .'|prompts?|voice ?over|30[ -]second|45[ -]second|60[ -]second|\d+[ -]second|video script'
                .'|short[ -]form|reel script|edit(?:s|ed)?|outline|options',
            tips: '(?:production |filming |editing |delivery |recording |posting |extra |bonus |quick |pro )*(?:tips?'
                .'|notes)(?: (?:for|on) .{1,40})?|why this works|what makes this work|how to use this(?: script)?'
                .'|next steps|key takeaways for the editor|suggested hashtags|hashtags|sources(?: used)?'
                .'|caption ideas|alternative hooks',
        );
    }

    private static function pages(): PageWords
    {
        return new PageWords(
            menu: 'home|news|about(?: us)?|contact(?: us)?|shop|store|blog|archive|search|menu|log ?in|sign in'
                .'|sign up|subscribe|sport|culture|business|opinion|weather|travel|events|gallery|visit(?: us)?'
                .'|donate|support|help|faq|podcasts?|videos?|photos|life(?:style)?|food|world|local|science'
                .'|tech(?:nology)?|history|more|jobs|careers|newsletter|my account|cart|privacy(?: policy)?|terms'
                .'|imprint|share|print|save|email|topics',
            sure: '(?:sign|log) in to .{1,40}|[\d.,]+ ?[km]? (?:views|subscribers|followers|plays|shares)\b.{0,40}|'
                .'view (?:this )?(?:e-?mail|newsletter)? ?in (?:your )?browser|unsubscribe.{0,40}|(?:update'
                .'|manage) (?:your )?(?:e-?mail )?'
                .'(?:preferences|subscriptions?)|forward (?:this )?to a friend|you (?:are receiving|received)'
                .' this e-?mail.*|'
                .'continue reading.{0,20}|from .{1,30}encyclopa?edia|.{1,60}\[edit\]|listen to (?:this'
                .' )?(?:article|story)|'
                .'(?:read (?:more|also|next|on)|related|see also|also read|recommended|more on this|don\'t miss'
                .'|up next)\s*[:>→»–-]\s*\S.{0,120}|share this (?:on|via) [^.!?]{1,25}|share (?:on|to) [^.!?]{1,25}'
                .'|share with your (?:friends|network)|(?:tap|click) to (?:tweet|share|expand|zoom|enlarge)'
                .'|listen to this (?:article|story)|listen \d.{0,12}|\d+ ?min(?:ute)?s?(?: read)?|advertisement'
                .'|story continues below.*|article continues.*|this article (?:first|originally|was) .{0,120}'
                .'|(?:getty|reuters|afp|alamy|shutterstock).{0,20}|report (?:a )?(?:problem|comment|ad)|show comments'
                .'|join the (?:discussion|conversation)|log in to (?:comment|reply|continue).*|follow us on .{1,40}'
                .'|like us on .{1,40}|get the app|download (?:the|our) app.*|view (?:all|gallery|in gallery'
                .'|image in fullscreen)|(?:copyright|©).*|enable javascript.*|your browser .{1,60}not support.{0,40}'
                .'|(?:skip|jump) to .{1,30}|go to .{1,25}',
            listHead: 'comments?(?: ?\(\d+\))?|\d+ (?:comments?|replies|responses)|leave a (?:comment|reply)'
                .'|references|sources|footnotes|notes and references|external links|further reading|bibliography'
                .'|citations|contents|table of contents|in this article|on this page|tags|most read|trending(?: now)?'
                .'|related(?: articles)?',
        );
    }
}
