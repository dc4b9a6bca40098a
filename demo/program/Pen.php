<?php

declare(strict_types=1);

namespace RapidReel\Demo;

/** Writes SVG: the few strokes that all pictures are made of. Angles in degrees, lengths in pixels. */
final class Pen
{
    private string $drawn = '';

    private string $definitions = '';

    private int $names = 0;

    private int $seed;

    public function __construct(
        public readonly int $width,
        public readonly int $height,
        string $name,
    ) {
        $this->seed = crc32($name);
    }

    /** A number between two others, the same on every run. */
    public function pick(float $from, float $to): float
    {
        $this->seed = ($this->seed * 1103515245 + 12345) & 0x7FFFFFFF;

        return $from + ($to - $from) * ($this->seed >> 8) / 0x7FFFFF;
    }

    public function add(string $svg): self
    {
        $this->drawn .= $svg;

        return $this;
    }

    /** @param  list<string>  $colours from the top, or from the middle of a radial one */
    public function gradient(array $colours, string $kind = 'down', float $fade = 1.0): string
    {
        $name = 'g'.$this->names++;
        $stops = '';
        foreach ($colours as $i => $colour) {
            $part = count($colours) === 1 ? 1 : $i / (count($colours) - 1);
            $opacity = 1 - (1 - $fade) * $part;
            $stops .= "<stop offset='$part' stop-color='$colour' stop-opacity='$opacity'/>";
        }
        $this->definitions .= match ($kind) {
            'round' => "<radialGradient id='$name'>$stops</radialGradient>",
            'across' => "<linearGradient id='$name' x1='0' y1='0' x2='1' y2='0'>$stops</linearGradient>",
            default => "<linearGradient id='$name' x1='0' y1='0' x2='0' y2='1'>$stops</linearGradient>",
        };

        return "url(#$name)";
    }

    public function rect(
        float $x,
        float $y,
        float $w,
        float $h,
        string $fill,
        float $round = 0,
        float $opacity = 1,
    ): self {
        return $this->add("<rect x='$x' y='$y' width='$w' height='$h' rx='$round' fill='$fill' opacity='$opacity'/>");
    }

    public function disc(float $x, float $y, float $r, string $fill, float $opacity = 1, ?float $ry = null): self
    {
        $ry ??= $r;

        return $this->add("<ellipse cx='$x' cy='$y' rx='$r' ry='$ry' fill='$fill' opacity='$opacity'/>");
    }

    public function glow(float $x, float $y, float $r, string $colour = Mood::LAMP, float $opacity = 0.85): self
    {
        return $this->disc($x, $y, $r, $this->gradient([$colour, $colour], 'round', 0.0), $opacity);
    }

    /** @param  list<array{float|int, float|int}>  $points */
    public function shape(array $points, string $fill, float $opacity = 1): self
    {
        $list = implode(' ', array_map(static fn (array $p): string => round($p[0], 1).','.round($p[1], 1), $points));

        return $this->add("<polygon points='$list' fill='$fill' opacity='$opacity'/>");
    }

    public function path(
        string $d,
        string $fill = 'none',
        string $stroke = 'none',
        float $width = 0,
        float $opacity = 1,
    ): self {
        return $this->add(
            "<path d='$d' fill='$fill' stroke='$stroke' stroke-width='$width' "
                ."stroke-linecap='round' stroke-linejoin='round' opacity='$opacity'/>",
        );
    }

    public function line(
        float $x1,
        float $y1,
        float $x2,
        float $y2,
        string $stroke,
        float $width,
        float $opacity = 1,
    ): self {
        return $this->path("M$x1 $y1 L$x2 $y2", 'none', $stroke, $width, $opacity);
    }

    /**
     * What is drawn inside is moved, turned and scaled about its own origin.
     *
     * @param  callable(self): mixed  $inside
     */
    public function at(float $x, float $y, callable $inside, float $scale = 1, float $turn = 0): self
    {
        $this->add("<g transform='translate($x $y) rotate($turn) scale($scale)'>");
        $inside($this);

        return $this->add('</g>');
    }

    /**
     * The whole picture, with the grain and the shade towards the edges that all share, unless it is to lie over
     * another.
     */
    public function svg(bool $over = false): string
    {
        $finish = '';
        if (! $over) {
            $this->definitions .=
                "<pattern id='grain' width='480' height='480' patternUnits='userSpaceOnUse'><image href='grain.png' ".
                "width='480' height='480'/></pattern>".
                "<radialGradient id='edge' cx='0.5' cy='0.48' r='0.78'><stop offset='0.55' stop-color='#06121a' "
                    ."stop-opacity='0'/><stop offset='1' stop-color='#06121a' stop-opacity='0.5'/></radialGradient>";
            $finish =
                "<rect width='100%' height='100%' fill='url(#grain)'/><rect width='100%' height='100%' "
                    ."fill='url(#edge)'/>";
        }

        return "<svg xmlns='http://www.w3.org/2000/svg' width='{$this->width}' height='{$this->height}' "
            ."viewBox='0 0 {$this->width} {$this->height}'>"
            ."<defs>{$this->definitions}</defs>{$this->drawn}$finish</svg>";
    }
}
