<?php

declare(strict_types=1);

namespace RapidReel\Base\Language\Pack;

/** Languages that the shipped synthesiser speaks plainly: understood, and nobody would take it for a person. */
final class FurtherLanguages
{
    /** Sample sentence, the vowels that make a syllable each, and sentences to fit a rate to. */
    public const KNOWN = [
        'hi' => [
            'शाम को दीपक जला, और नौ बजे तक कोहरे ने पूरी खाड़ी को ढक लिया।',
            '[अआइईउऊऋएऐओऔ]|[कखगघङचछजझञटठडढणतथदधनपफबभमयरलवशषसह](?!्)',
            [
                'कोई नहीं आया।', 'दरवाज़ा खुला था।', 'नौ दिन तक बारिश हुई।', 'उसने उन्हें कभी नहीं बताया क्यों।',
                'तुम क्या करते?', 'दो नावें सुबह से पहले बंदरगाह से निकलीं।',
                'समुद्र तट पर एक छोटी आग जल रही थी, और उसे किसी ने नहीं जलाया था।',
                'घाटी की सबसे पुरानी घड़ी उलटी चलती है, और कभी देर नहीं करती।',
                'डिब्बे में 340 चिट्ठियाँ थीं; सब खाली थीं।', 'अगली कहानी के लिए हमारे साथ रहिए।',
            ],
        ],
        'tr' => [
            'Lamba akşam yandı ve saat dokuzda sis bütün körfezi örtmüştü.',
            '[aeıioöuüâîû]',
            [
                'Kimse gelmedi.', 'Kapı açıktı.', 'Dokuz gün yağmur yağdı.', 'Nedenini onlara hiç söylemedi.',
                'Sen ne yapardın?', 'İki tekne şafaktan önce limandan ayrıldı.',
                'Kumsalda küçük bir ateş yanıyordu ve onu kimse yakmamıştı.',
                'Vadideki en eski saat geriye doğru çalışır ve hiç geç kalmaz.',
                'Kutuda 340 mektup vardı; hepsi boştu.', 'Bir sonraki hikâye için bizi izleyin.',
            ],
        ],
        'cs' => [
            'Lampa hořela za soumraku a v devět hodin mlha zakryla celou zátoku.',
            'ou|au|eu|[aeiouyáéíóúůýě]',
            [
                'Nikdo nepřišel.', 'Dveře byly otevřené.', 'Pršelo devět dní.', 'Nikdy jim neřekla proč.',
                'Co bys udělal ty?', 'Dvě lodě opustily přístav před úsvitem.',
                'Na pláži hořel malý oheň a nikdo ho nezapálil.',
                'Nejstarší hodiny v údolí jdou pozpátku a nikdy se neopozdí.',
                'V krabici bylo 340 dopisů; všechny byly prázdné.', 'Sledujte nás a poslechněte si další příběh.',
            ],
        ],
        'da' => [
            'Lampen brændte i skumringen, og klokken ni havde tågen slugt hele bugten.',
            '[aeiouyæøåé]',
            [
                'Ingen kom.', 'Døren stod åben.', 'Det regnede i ni dage.', 'Hun fortalte dem aldrig hvorfor.',
                'Hvad ville du have gjort?', 'To både forlod havnen før daggry.',
                'En lille ild brændte på stranden, og ingen havde tændt den.',
                'Det ældste ur i dalen går baglæns, og det kommer aldrig for sent.',
                'Der lå 340 breve i kassen; alle var tomme.', 'Følg os for den næste historie.',
            ],
        ],
        'fi' => [
            'Lamppu paloi hämärässä, ja yhdeksältä sumu oli peittänyt koko lahden.',
            'aa|ee|ii|oo|uu|yy|ää|öö|ai|ei|oi|ui|yi|äi|öi|au|eu|ou|uo|ie|yö|[aeiouyäö]',
            [
                'Kukaan ei tullut.', 'Ovi oli auki.', 'Satoi yhdeksän päivää.', 'Hän ei koskaan kertonut heille miksi.',
                'Mitä sinä olisit tehnyt?', 'Kaksi venettä lähti satamasta ennen aamunkoittoa.',
                'Pieni tuli paloi rannalla, eikä kukaan ollut sytyttänyt sitä.',
                'Laakson vanhin kello käy taaksepäin, eikä se ole koskaan myöhässä.',
                'Laatikossa oli 340 kirjettä; kaikki olivat tyhjiä.', 'Seuraa meitä, niin kuulet seuraavan tarinan.',
            ],
        ],
        'hu' => [
            'A lámpa alkonyatkor égett, és kilenckor a köd elnyelte az egész öblöt.',
            '[aeiouáéíóúöőüű]',
            [
                'Senki sem jött.', 'Az ajtó nyitva volt.', 'Kilenc napig esett az eső.',
                'Soha nem mondta meg nekik, miért.', 'Te mit tettél volna?',
                'Két csónak hajnal előtt elhagyta a kikötőt.',
                'Kis tűz égett a parton, és senki sem gyújtotta meg.',
                'A völgy legrégibb órája visszafelé jár, és soha nem késik.',
                'A dobozban 340 levél volt; mind üres volt.', 'Kövess minket a következő történetért.',
            ],
        ],
        'ro' => [
            'Lampa ardea la asfințit, iar la ora nouă ceața acoperise tot golful.',
            'ea|oa|ia|ie|[aeiouăâî]',
            [
                'Nimeni nu a venit.', 'Ușa era deschisă.', 'A plouat nouă zile.', 'Nu le-a spus niciodată de ce.',
                'Tu ce ai fi făcut?', 'Două bărci au părăsit portul înainte de zori.',
                'Un foc mic ardea pe plajă și nimeni nu îl aprinsese.',
                'Cel mai vechi ceas din vale merge înapoi și nu întârzie niciodată.',
                'În cutie erau 340 de scrisori; toate erau goale.', 'Urmăriți-ne pentru povestea următoare.',
            ],
        ],
        'uk' => [
            'Лампа горіла в сутінках, і до дев’ятої туман поглинув усю бухту.',
            '[аеєиіїоуюя]',
            [
                'Ніхто не прийшов.', 'Двері були відчинені.', 'Дощ ішов дев’ять днів.',
                'Вона так і не сказала їм чому.', 'Що б зробив ти?', 'Два човни вийшли з гавані до світанку.',
                'Маленький вогонь горів на березі, і ніхто його не запалював.',
                'Найстаріший годинник у долині йде назад і ніколи не спізнюється.',
                'У скриньці було 340 листів; усі були порожні.', 'Підпишіться, щоб почути наступну історію.',
            ],
        ],
        'id' => [
            'Lampu menyala saat senja, dan pada pukul sembilan kabut menutupi seluruh teluk.',
            'ai|au|oi|[aeiou]',
            [
                'Tidak ada yang datang.', 'Pintunya terbuka.', 'Hujan turun selama sembilan hari.',
                'Dia tidak pernah memberi tahu mereka mengapa.', 'Apa yang akan kamu lakukan?',
                'Dua perahu meninggalkan pelabuhan sebelum fajar.',
                'Api kecil menyala di pantai, dan tidak ada yang menyalakannya.',
                'Jam tertua di lembah berjalan mundur, dan tidak pernah terlambat.',
                'Ada 340 surat di dalam kotak; semuanya kosong.', 'Ikuti kami untuk cerita berikutnya.',
            ],
        ],
    ];
}
