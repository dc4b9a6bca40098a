<?php

declare(strict_types=1);

namespace App\Gateways\Writing;

use App\Gateways\Service\ServiceCall;
use App\Gateways\Service\ServiceFailure;
use Illuminate\Http\Client\PendingRequest;
use Illuminate\Http\Client\Response;
use RapidReel\Base\Refusal;
use RapidReel\Text\Sketch\Rewording;
use RapidReel\Text\Sketch\Sketch;
use RapidReel\Text\Sketch\SketchOrder;

/** A writing service over HTTP; its protocol stands in docs/writing-service.openapi.json. */
final readonly class ServiceWriter implements Writing
{
    private const MOST_BYTES = 1024 * 1024;

    private const MOST_SENTENCES = 400;

    /** @param  array<string, string>  $headers  that it wants with every request */
    public function __construct(
        private ServiceCall $call,
        private string $url,
        private array $headers = [],
        private int $timeout = 60,
    ) {
    }

    public function about(): string
    {
        return 'Sketches are written by the service at '.parse_url($this->url, PHP_URL_HOST).'.';
    }

    public function write(SketchOrder $order): Sketch
    {
        return $this->ask('/sketches', [
            'topic' => $order->topic,
            'points' => $order->points,
            'tone' => $order->tone->value,
            'audience' => $order->audience,
            'hook' => $order->shape->value,
            'words' => $order->words,
            'seed' => $order->seed,
        ]);
    }

    public function reword(Rewording $order, array $others): Sketch
    {
        $sketch = $this->ask('/rewordings', [
            'title' => $order->title,
            'sentences' => $order->sentences,
            'tone' => $order->tone->value,
            'audience' => $order->audience,
            'seed' => $order->seed,
            'other_versions' => array_map(static fn (Sketch $one): array => $one->sentences, $others),
        ]);
        $count = count($order->sentences);
        $notes = $sketch->notes;
        // What it tells nothing of goes along where it stood, as near as that can be said.
        foreach ($notes === [] ? $order->notes : [] as $i => $list) {
            $at = min(count($sketch->sentences) - 1, intdiv($i * count($sketch->sentences), $count));
            $notes[$at] = [...$notes[$at] ?? [], ...$list];
        }

        return new Sketch(
            $sketch->title !== '' ? $sketch->title : $order->title,
            $sketch->sentences,
            $sketch->hooks !== [] ? $sketch->hooks : $order->hooks,
            $notes,
        );
    }

    /**
     * @param  array<string, mixed>  $order
     *
     * @throws Refusal
     */
    private function ask(string $path, array $order): Sketch
    {
        try {
            $told = $this->call->ask(
                $this->url,
                static fn (PendingRequest $request): Response => $request->acceptJson()->post($path, $order),
                self::MOST_BYTES,
                $this->headers,
                $this->timeout,
            )->json();
        } catch (ServiceFailure $problem) {
            throw new Refusal('The writing service '.$problem->getMessage());
        }
        $told = is_array($told) ? $told : [];
        $sentences = self::texts($told['sentences'] ?? null);
        if ($sentences === [] || count($sentences) > self::MOST_SENTENCES) {
            throw new Refusal('The writing service gave something that cannot be used: no sentences.');
        }
        $notes = [];
        foreach (array_values(is_array($told['briefs'] ?? null) ? $told['briefs'] : []) as $i => $brief) {
            if (is_string($brief) && trim($brief) !== '' && isset($sentences[$i])) {
                $notes[$i] = [trim($brief)];
            }
        }

        return new Sketch(
            is_string($told['title'] ?? null) ? trim($told['title']) : '',
            $sentences,
            self::texts($told['hooks'] ?? null),
            $notes,
        );
    }

    /** @return list<string> */
    private static function texts(mixed $told): array
    {
        $texts = [];
        foreach (is_array($told) ? $told : [] as $text) {
            $text = is_string($text) ? trim((string) preg_replace('/\s+/u', ' ', $text)) : '';
            if ($text !== '') {
                $texts[] = $text;
            }
        }

        return $texts;
    }
}
