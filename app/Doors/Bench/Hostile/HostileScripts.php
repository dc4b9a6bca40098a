<?php

declare(strict_types=1);

namespace App\Doors\Bench\Hostile;

/** Scripts as nobody should write them, and as machines do. */
final class HostileScripts
{
    private const PARTS = [
        "# Lamp\n", 'The lamp went out.', "\n---\n", "---\ntitle: A\npublish_at: \x00\n---\n",
        "publish_at: 31.02.9999\n",
        "tags: \x07,,,;;\n", '[music]', 'HOST: ', '(laughs) ', "\u{202E}evil\u{202C} ", '😀😀😀 ', 'مصباح البحر. ', 'マスト。',
        '\\N{\\pos(0,0)} ', '<script>alert(1)</script> ', '{{ 7*7 }} ', '${jndi:x} ', '%s%n%x ',
        "' OR 1=1 -- ", "\t\t\t",
        "\r\n\r\n", "1\n00:00:00,000 --> 99:99:99,999\nA\n", "WEBVTT\n\n", "\"\"\",,,\n", "script,title\n\"a\",b\n",
        '0000000000000000000000000000000000000000 ', '999999999999999999999999 ', '…—–“”‘’ ', "\u{FEFF}", "\xC3\x28",
        "\xFF\xFE\x41\x00", "voice: none\n", "speed: -1\n", "scene 1:\n", "=cmd|' /C calc'!A0 ", "\u{0}",
        "\u{1F468}\u{200D}"
            ."\u{1F469}\u{200D}\u{1F467} ", "a\u{0301}\u{0301}\u{0301} ", '||||', "| a | b |\n|---|---|\n", "> quote\n",
    ];

    private const ENDINGS = ['txt', 'md', 'csv', 'srt', 'vtt', 'tsv'];

    /**
     * @param  int  $seed  the same gives the same
     * @return array{string, string} its text and the name of its file
     */
    public static function one(int $seed): array
    {
        mt_srand($seed);
        $text = '';
        for ($i = mt_rand(1, 24); $i > 0; $i--) {
            $part = self::PARTS[mt_rand(0, count(self::PARTS) - 1)];
            $text .= mt_rand(0, 30) === 0 ? str_repeat($part, mt_rand(50, 2_000)) : $part;
        }

        return [$text, 'script.'.self::ENDINGS[mt_rand(0, count(self::ENDINGS) - 1)]];
    }
}
