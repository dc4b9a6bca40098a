<?php

declare(strict_types=1);

namespace RapidReel\Base\Language\Pack;

/** Languages that voices speak here and of which no more is known than how they sound; and any other. */
final class Neutral
{
    private const VOWELS = '[aeiouyæœøαεηιουωаеиоуыэюяіїєў]+';

    /** Sample sentence, the vowels that make a syllable each, and sentences to fit a rate to. */
    private const KNOWN = [
        'ar' => [
            'أضاء المصباح عند الغروب، ثم غطى الضباب الخليج كله.',
            '[اويىأإآؤئ]',
            [
                'لم يأت أحد.',
                'كان الباب مفتوحا.',
                'أمطرت تسعة أيام.',
                'غادر قاربان الميناء قبل الفجر.',
                'عد الدرجات والنوافذ والكراسي.',
                'أقدم ساعة في الوادي تدور إلى الوراء، ولا تتأخر أبدا.',
                'ماذا كنت ستفعل؟',
                'قال الناس إن الجبل يسمعهم، فهمسوا عند عبوره.',
                'تابعنا لقصة أخرى.',
                'لم يفهم أحد الآلة. وكان لكل واحد رأي.',
                'كانت في الصندوق 340 رسالة، وكلها فارغة.',
                'وجد الخباز الخاتم في رغيف لم يخبزه.',
                'رسمت جدتها الخريطة من الذاكرة بعد صيف واحد في الجزيرة.',
                'انتظر… تحرك شيء خلف الطاحونة.',
                'باع المخترع سبع براءات، وخسر المال في ليلة واحدة، ثم بدأ من جديد.',
                'أغلق الجسر أمام العربات في ذلك العام.',
            ],
        ],
        'nl' => [
            'De lamp brandde bij het vallen van de avond, en om negen uur lag de baai in de mist.',
            'ij|aa|ee|oo|uu|ie|oe|eu|ui|ou|au|ei|[aeiouyéëïöü]',
            [
                'Niemand kwam.',
                'De deur stond open.',
                'Het regende negen dagen lang.',
                'Ze vertelde hun nooit waarom.',
                'Wat zou jij hebben gedaan?',
                'Twee boten verlieten de haven voor zonsopgang.',
                'Een klein vuur brandde op het strand, en niemand had het aangestoken.',
                'In 1911 werd de brug voor karren gesloten.',
                'Hij telde de treden, de ramen en de stoelen.',
                'De oudste klok in de vallei loopt achteruit, en ze is nooit te laat.',
                'Volg ons voor het volgende verhaal.',
                'Er lagen 340 brieven in de doos; ze waren allemaal leeg.',
                'De mensen zeiden dat de berg hen kon horen, dus fluisterden ze.',
                'De bakker vond de ring in een brood dat hij niet had gebakken.',
                'Wacht… Achter de molen bewoog iets.',
                'De uitvinder verkocht zeven patenten, verloor het geld op een avond en begon opnieuw.',
                'Niemand begreep de machine. Iedereen had een mening.',
            ],
        ],
        'pl' => [
            'Lampa płonęła o zmierzchu, a o dziewiątej mgła zakryła całą zatokę.',
            'i(?=[aeouyąęó])|[aeiouyąęó]',
            [
                'Nikt nie przyszedł.',
                'Drzwi były otwarte.',
                'Padało przez dziewięć dni.',
                'Nigdy im nie powiedziała dlaczego.',
                'Co ty byś zrobił?',
                'Dwie łodzie opuściły port przed świtem.',
                'Mały ogień płonął na plaży, a nikt go nie rozpalił.',
                'W 1911 roku most zamknięto dla wozów.',
                'Policzył stopnie, okna i krzesła.',
                'Najstarszy zegar w dolinie chodzi do tyłu i nigdy się nie spóźnia.',
                'Obserwuj nas, aby poznać następną historię.',
                'W pudełku było 340 listów; wszystkie były puste.',
                'Ludzie mówili, że góra ich słyszy, więc szeptali, gdy ją przekraczali.',
                'Piekarz znalazł pierścień w chlebie, którego nie upiekł.',
                'Czekaj… Coś poruszyło się za młynem.',
                'Wynalazca sprzedał siedem patentów, stracił pieniądze w jeden wieczór i zaczął od nowa.',
                'Nikt nie rozumiał maszyny. Każdy miał zdanie.',
            ],
        ],
        'sv' => [
            'Lampan brann i skymningen, och klockan nio hade dimman slukat hela viken.',
            '[aeiouyåäöé]',
            [
                'Ingen kom.',
                'Dörren stod öppen.',
                'Det regnade i nio dagar.',
                'Hon berättade aldrig varför.',
                'Vad skulle du ha gjort?',
                'Två båtar lämnade hamnen före gryningen.',
                'En liten eld brann på stranden, och ingen hade tänt den.',
                'År 1911 stängdes bron för vagnar.',
                'Han räknade trappstegen, fönstren och stolarna.',
                'Den äldsta klockan i dalen går baklänges, och den är aldrig sen.',
                'Följ oss för nästa berättelse.',
                'Det låg 340 brev i lådan; alla var tomma.',
                'Folk sade att berget kunde höra dem, så de viskade när de gick över det.',
                'Bagaren hittade ringen i ett bröd som han inte hade bakat.',
                'Vänta… Något rörde sig bakom kvarnen.',
                'Uppfinnaren sålde sju patent, förlorade pengarna på en kväll och började om.',
                'Ingen förstod maskinen. Alla hade en åsikt.',
            ],
        ],
        'el' => [
            'Η λάμπα έκαιγε το σούρουπο, και στις εννέα η ομίχλη είχε σκεπάσει όλο τον κόλπο.',
            'ου|αι|ει|οι|υι|αυ|ευ|[αεηιουω]',
            [
                'Κανείς δεν ήρθε.',
                'Η πόρτα ήταν ανοιχτή.',
                'Έβρεχε εννέα μέρες.',
                'Δεν τους είπε ποτέ γιατί.',
                'Τι θα έκανες εσύ;',
                'Δύο βάρκες άφησαν το λιμάνι πριν από την αυγή.',
                'Μια μικρή φωτιά έκαιγε στην παραλία, και κανείς δεν την είχε ανάψει.',
                'Το 1911 η γέφυρα έκλεισε για τα κάρα.',
                'Μέτρησε τα σκαλιά, τα παράθυρα και τις καρέκλες.',
                'Το πιο παλιό ρολόι της κοιλάδας πηγαίνει προς τα πίσω, και δεν αργεί ποτέ.',
                'Ακολουθήστε μας για την επόμενη ιστορία.',
                'Υπήρχαν 340 γράμματα στο κουτί· όλα ήταν άδεια.',
                'Ο κόσμος έλεγε ότι το βουνό τους άκουγε, και έτσι ψιθύριζαν.',
                'Ο φούρναρης βρήκε το δαχτυλίδι σε ένα ψωμί που δεν είχε ψήσει.',
                'Περίμενε… Κάτι κουνήθηκε πίσω από τον μύλο.',
                'Ο εφευρέτης πούλησε επτά πατέντες, έχασε τα χρήματα σε ένα βράδυ και άρχισε ξανά.',
                'Κανείς δεν καταλάβαινε τη μηχανή. Όλοι είχαν γνώμη.',
            ],
        ],
        'ru' => [
            'Лампа горела в сумерках, и к девяти туман поглотил всю бухту.',
            '[аеиоуыэюя]',
            [
                'Никто не пришёл.',
                'Дверь была открыта.',
                'Дождь шёл девять дней.',
                'Она так и не сказала им почему.',
                'Что бы сделал ты?',
                'Две лодки вышли из гавани до рассвета.',
                'Маленький огонь горел на берегу, и никто его не зажигал.',
                'В 1911 году мост закрыли для телег.',
                'Он сосчитал ступени, окна и стулья.',
                'Самые старые часы в долине идут назад и никогда не опаздывают.',
                'Подпишитесь, чтобы услышать следующую историю.',
                'В ящике было 340 писем; все они были пустыми.',
                'Люди говорили, что гора их слышит, и поэтому шептали.',
                'Пекарь нашёл кольцо в хлебе, который он не пёк.',
                'Подожди… Что-то шевельнулось за мельницей.',
                'Изобретатель продал семь патентов, потерял деньги за один вечер и начал заново.',
                'Никто не понимал машину. У всех было мнение.',
            ],
        ],
    ];

    /** @return list<string> */
    public static function codes(): array
    {
        return array_keys(self::KNOWN + FurtherLanguages::KNOWN);
    }

    public static function pack(string $code): LanguagePack
    {
        [$sample, $vowels, $examples] = (self::KNOWN + FurtherLanguages::KNOWN)[$code] ?? ['', self::VOWELS, []];

        $syllables = new SyllableRule($vowels);

        return new LanguagePack($code, syllables: $syllables, sample: $sample, examples: $examples);
    }
}
