<?php

declare(strict_types=1);

namespace RapidReel\Base\Language\Pack;

/** English. */
final class English
{
    public static function pack(): LanguagePack
    {
        return new LanguagePack(
            code: 'en',
            words: self::words(),
            ends: self::ends(),
            syllables: self::syllables(),
            sample: 'The lamp was lit at dusk, and by nine the fog had swallowed the whole bay.',
            examples: [
                'Nobody came.',
                'The door was open.',
                'It rained for nine days.',
                'She never told them why.',
                'What would you have done?',
                'Two boats left the harbour before dawn.',
                'A small fire burned on the beach, and nobody had lit it.',
                'In 1911, the bridge was closed to carts.',
                'He counted the steps, the windows, and the chairs.',
                'The oldest clock in the valley runs backwards, and it is never late.',
                'Follow for the next story.',
                'There were 340 letters in the box; every one was empty.',
                'People said that the mountain could hear them, so they whispered when they crossed it.',
                'The baker found the ring inside a loaf that he had not baked.',
                'Why does a river without water still have a ferryman?',
                'Her grandmother had drawn the map from memory, after a single summer on the island.',
                'By the time the snow melted, three villages had agreed on one name for the same road.',
                'Wait… Something moved behind the mill.',
                'Every telephone in the station rang at once. The line had been cut for a month.',
                'The inventor sold seven patents, lost the money in a single evening, and began again with a borrowed '
                    .'lathe.',
                'It cost £12.50 to cross, and 4 pence to come back.',
                'Nobody understood the machine, but everybody had an opinion about it.',
                'A photograph shows the whole orchestra asleep.',
                'Remember this: the second key opens nothing.',
            ],
        );
    }

    private static function words(): PackWords
    {
        return new PackWords(
            functionWords: 'a an the and or but if then so as at by for from in into of off on onto out over to up '
                .'with without is are was were be been being am do does did done have has had having will would can '
                .'could should may might must not no nor it its he him his she her hers they them their we us our you '
                .'your i me my mine this that these those there here who whom whose which what when where why how all '
                .'any both each few more most other some such only own same than too very just once again also even '
                .'ever never every still yet now about after before between through during above below down under '
                .'until while because one two three four five six seven eight nine ten first last next new old get '
                .'got go goes went come came make made say said tell told know knew thing things time way day man '
                .'woman people',
            openings: [
                '(?:hey|hi|hello|howdy|greetings|what(?:\'|’)?s up|yo|good (?:morning|evening|afternoon))(?:,? (?:there'
                    .'|guys|everyone|everybody|friends|folks|all|you guys|team|people|viewers))*(?:,? (?:and '
                    .')?welcome(?: back)?(?: to [^,.!?:—–]{2,50})?)?',
                '(?:and )?welcome(?: back)?(?:,? (?:guys|everyone|everybody|friends|folks))?(?: to [^,.!?:—–]{2,50}'
                    .'|(?=\s*[,.!?:—–]|$))',
                '(?:so |okay |ok |alright |all right |now )*(?:in (?:this|today\'?s|today’s) (?:video|short|clip'
                    .'|episode|one)(?:,? (?:we(?:\'|’)?re|we are|i(?:\'|’)?m|i am|we(?:\'|’)?ll|we will|i(?:\'|’)?ll'
                    .'|i will|we|i)(?: going to| gonna)? (?:be )?(?:talk(?:ing)? about|look(?:ing)? at'
                    .'|show(?:ing)?(?: you)?|tell(?:ing)?(?: you)?(?: about)?|learn(?:ing)?(?: about)?|discuss(?:ing)?'
                    .'|explain(?:ing)?|cover(?:ing)?|explor(?:e|ing)|see(?:ing)?))?|today(?:,? (?:we(?:\'|’)?re|we are'
                    .'|i(?:\'|’)?m|i am|we(?:\'|’)?ll|we will|i(?:\'|’)?ll|i will|we|i)(?: going to| gonna)? (?:be '
                    .')?(?:talk(?:ing)? about|look(?:ing)? at|show(?:ing)?(?: you)?|tell(?:ing)?(?: you)?(?: about)?'
                    .'|learn(?:ing)?(?: about)?|discuss(?:ing)?|explain(?:ing)?|cover(?:ing)?|explor(?:e|ing)'
                    .'|see(?:ing)?)))',
                '(?:let(?:\'|’)?s (?:get (?:started|into it|right into it)|dive (?:right )?in|begin|jump (?:right '
                    .')?in))',
                '(?:my name is|i(?:\'|’)?m|this is) \p{Lu}[\p{L} .\'’-]{1,40}?(?:,? (?:and|from|here)\b[^,.!?]{0,'
                    .'40})?(?=[,.!?]|$)',
                '(?:before we (?:start|begin|get (?:started|into (?:it|this))),? [^.!?]{0,80}|don(?:\'|’)?t forget to '
                    .'(?:like|subscribe|follow)[^.!?]{0,60}|(?:please )?(?:like|subscribe)(?: and (?:like|subscribe'
                    .'|follow))?[^.!?]{0,40})',
            ],
            asks: '(?:so |now |and |then |please |but )*(?:follow|subscribe|tell|comment|share|save|like|watch|'.
                'tap|click|send|join|ask|write|come back|stay|leave|let (?:me|us) know|tag|vote|guess|look|'.
                'check|keep|try|remember|visit|listen|hit|drop|press|turn)',
            joining: 'and|but|or|so|yet|because|when|while|until|before|after|where|which|who|that|if|as|then|for|'
                .'with|in|on|at|from|into|over|under|by|to|of',
        );
    }

    private static function ends(): SentenceEnds
    {
        return new SentenceEnds(
            abbreviations: 'mr|mrs|ms|dr|prof|st|sr|jr|rev|hon|capt|cpt|lt|sgt|col|gen|maj|cmdr|adm|gov|sen|rep|pres'
                .'|fr|mt|ft|no|nos|vol|ch|pp?|fig|approx|ca?|vs|etc|e\.g|i\.e|cf|al|inc|ltd|co|corp|dept|est|ave|blvd'
                .'|rd|a\.m|p\.m|u\.s|u\.k|jan|feb|mar|apr|jun|jul|aug|sept?|oct|nov|dec',
            mayEnd: 'etc|al|inc|ltd|co|corp|jr|sr|a\.m|p\.m|u\.s|u\.k|no|est|ave|rd|dept',
        );
    }

    private static function syllables(): SyllableRule
    {
        return new SyllableRule(
            ease: EaseFormula::Flesch,
        );
    }
}
