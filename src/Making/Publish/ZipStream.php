<?php

declare(strict_types=1);

namespace RapidReel\Making\Publish;

/**
 * What stands in a ZIP around its files, so that one can be sent as it is put together, with its length known before
 * (PKWARE, .ZIP File Format Specification 6.3.10). Files are stored as they are: video does not shrink. Past 4 GiB the
 * records of ZIP64 stand beside.
 */
final class ZipStream
{
    private const LARGE = 0xFFFFFFFF;

    private const VERSION = 20;

    private const VERSION_64 = 45;

    /** Names are UTF-8. */
    private const FLAGS = 0x0800;

    /** 1 January 1980: a ZIP of the same files is the same. */
    private const DATE = 0x0021;

    private string $directory = '';

    private int $count = 0;

    private int $at = 0;

    /**
     * What a ZIP of these files takes, in bytes.
     *
     * @param  array<string, int>  $sizes  by name
     */
    public static function length(array $sizes): int
    {
        $zip = new self;
        $length = 0;
        foreach ($sizes as $name => $size) {
            $length += strlen($zip->file((string) $name, $size, 0)) + $size;
        }

        return $length + strlen($zip->end());
    }

    /**
     * What stands before a file; the file itself comes next.
     *
     * @param  int  $crc  CRC-32 of all of it
     */
    public function file(string $name, int $size, int $crc): string
    {
        $is64 = $size >= self::LARGE;
        $extra = $is64 ? pack('vvPP', 1, 16, $size, $size) : '';
        $shown = $is64 ? self::LARGE : $size;
        $header = pack(
            'VvvvvvVVVvv', 0x04034B50, $is64 ? self::VERSION_64 : self::VERSION, self::FLAGS, 0, 0, self::DATE, $crc,
            $shown, $shown, strlen($name), strlen($extra),
        ).$name.$extra;
        $this->list($name, $size, $crc);
        $this->at += strlen($header) + $size;
        $this->count++;

        return $header;
    }

    /** What stands after the last file. */
    public function end(): string
    {
        $length = strlen($this->directory);
        $end64 = '';
        if ($this->at >= self::LARGE || $this->count >= 0xFFFF) {
            $end64 = pack(
                'VPvvVVPPPP', 0x06064B50, 44, self::VERSION_64, self::VERSION_64, 0, 0, $this->count, $this->count,
                $length, $this->at,
            ).pack('VVPV', 0x07064B50, 0, $this->at + $length, 1);
        }

        return $this->directory.$end64.pack(
            'VvvvvVVv', 0x06054B50, 0, 0, min(0xFFFF, $this->count), min(0xFFFF, $this->count),
            min(self::LARGE, $length), min(self::LARGE, $this->at), 0,
        );
    }

    private function list(string $name, int $size, int $crc): void
    {
        $isLarge = $size >= self::LARGE;
        $isFar = $this->at >= self::LARGE;
        $fields = ($isLarge ? pack('PP', $size, $size) : '').($isFar ? pack('P', $this->at) : '');
        $extra = $fields === '' ? '' : pack('vv', 1, strlen($fields)).$fields;
        $version = $extra === '' ? self::VERSION : self::VERSION_64;
        $shown = $isLarge ? self::LARGE : $size;
        $this->directory .= pack(
            'VvvvvvvVVVvvvvvVV', 0x02014B50, $version, $version, self::FLAGS, 0, 0, self::DATE, $crc, $shown, $shown,
            strlen($name), strlen($extra), 0, 0, 0, 0, $isFar ? self::LARGE : $this->at,
        ).$name.$extra;
    }
}
