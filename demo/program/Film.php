<?php

declare(strict_types=1);

namespace RapidReel\Demo;

use RuntimeException;
use Symfony\Component\Process\Process;

/** Puts drawings on disk: SVG to PNG by librsvg, layers to a clip by ffmpeg. */
final readonly class Film
{
    public function __construct(
        private string $work,
        private string $out,
    ) {
    }

    /** The paper grain that lies over every picture. */
    public function grain(): void
    {
        $svg =
            "<svg xmlns='http://www.w3.org/2000/svg' width='480' height='480'><filter id='n' x='0' y='0' width='100%' "
                ."height='100%'><feTurbulence type='fractalNoise' baseFrequency='0.8' numOctaves='2' seed='7' "
                ."stitchTiles='stitch'/><feColorMatrix values='0 0 0 0 0.5  0 0 0 0 0.45  0 0 0 0 0.36  0.5 0.5 0 0 "
                ."-0.36'/></filter><rect width='480' height='480' filter='url(#n)' opacity='0.5'/></svg>";
        $this->png('grain', $svg);
    }

    public function still(Still $still): void
    {
        $pen = new Pen($still->width, $still->height, $still->name);
        ($still->draw)($pen);
        $this->png($still->name, $pen->svg());
        rename("{$this->work}/{$still->name}.png", "{$this->out}/{$still->name}.png");
        $this->truth($still->name, ['tags' => $still->tags, 'face' => $still->face]);
    }

    public function clip(Clip $clip): void
    {
        $name = $clip->name;
        $back = new Pen(Clip::WIDTH, Clip::HEIGHT, $name);
        ($clip->back)($back);
        $this->png("$name-back", $back->svg());

        $subject = $clip->subject;
        for ($pose = 0; $pose < $subject->poses; $pose++) {
            $pen = new Pen($subject->side, $subject->side, $name);
            $pen->at(
                $subject->side / 2,
                $subject->side / 2,
                fn (Pen $pen) => ($subject->draw)($pen, $pose / $subject->poses),
                $subject->scale,
            );
            $this->png(sprintf('%s-pose-%03d', $name, $pose), $pen->svg(true));
        }
        if ($clip->front !== null) {
            $front = new Pen(Clip::WIDTH + 120, Clip::HEIGHT, "$name front");
            ($clip->front)($front);
            $this->png("$name-front", $front->svg(true));
        }
        $this->film($clip);
        $this->truth($name, [
            'tags' => $clip->tags,
            'fps' => Clip::FPS,
            'subject' => $subject->name,
            'frames' => $clip->truth(),
        ]);
    }

    private function film(Clip $clip): void
    {
        $name = $clip->name;
        $poses = $clip->subject->poses;
        $motion = $clip->motion;
        $half = $clip->subject->side / 2;
        $held = static fn (
            int $input,
            string $format,
            int $size,
            string $then = '',
            string $first = '',
        ): string => "[$input:v]{$first}scale=out_color_matrix=bt709:out_range=tv,format=$format,"
            ."loop=loop=-1:size=$size,setpts=N/30/TB$then";
        $turn = $motion->turn == 0.0 ? '' : ",rotate=a='{$motion->turnExpression()}':c=none:ow=iw:oh=ih";

        $graph =
            $held(0, 'yuv420p', 1).
            '[b];'.
            $held(1, 'yuva420p', $poses, $turn).
            '[s];'.
            "[b][s]overlay=x='{$motion->expression(0, $half)}':y='{$motion->expression(
                1,
                $half,
            )}':eval=frame:format=yuv420";
        $inputs = ['-framerate', '30', '-i', "$name-back.png", '-framerate', '30', '-i', "$name-pose-%03d.png"];
        if ($clip->front !== null) {
            $top = Clip::FRONT_TOP;
            $graph .=
                '[m];'.
                $held(2, 'yuva420p', 1, '', "crop=iw:ih-$top:0:$top,").
                "[f];[m][f]overlay=x='-60+52*sin(1.3*t)':y='$top+7*sin(2.1*t)':eval=frame:format=yuv420";
            $inputs = [...$inputs, '-framerate', '30', '-i', "$name-front.png"];
        }
        // It is read far more often than written: without what makes files small, it is read in half the time.
        $this->run([
            'ffmpeg', '-hide_banner', '-nostdin', '-loglevel', 'error', '-y', ...$inputs, '-filter_complex',
            $graph.',format=yuv420p[o]',
            '-map', '[o]', '-frames:v', (string) $clip->frames(), '-r', '30', '-filter_complex_threads', '1', '-c:v',
            'libx264', '-preset', 'ultrafast', '-crf', '17', '-threads', '1', '-g', '30', '-pix_fmt', 'yuv420p',
            '-colorspace', 'bt709', '-color_primaries', 'bt709', '-color_trc', 'bt709', '-color_range', 'tv',
            '-map_metadata', '-1', '-fflags', '+bitexact', '-flags:v', '+bitexact', '-movflags', '+faststart',
            "$name.mp4",
        ]);
        rename("{$this->work}/$name.mp4", "{$this->out}/$name.mp4");
    }

    private function png(string $name, string $svg): void
    {
        file_put_contents("{$this->work}/$name.svg", $svg);
        $this->run(['rsvg-convert', '-o', "$name.png", "$name.svg"]);
    }

    /** @param  array<string, mixed>  $data */
    private function truth(string $name, array $data): void
    {
        file_put_contents("{$this->out}/$name.json", json_encode($data, JSON_THROW_ON_ERROR));
    }

    /** @param  list<string>  $command */
    private function run(array $command): void
    {
        $process = new Process($command, $this->work, timeout: 300);
        $process->run();
        if (! $process->isSuccessful()) {
            throw new RuntimeException(
                implode(' ', array_slice($command, 0, 3)).' … failed: '.$process->getErrorOutput(),
            );
        }
    }
}
