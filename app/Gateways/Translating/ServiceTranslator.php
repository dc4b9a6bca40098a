<?php

declare(strict_types=1);

namespace App\Gateways\Translating;

use App\Gateways\Service\ServiceCall;
use App\Gateways\Service\ServiceFailure;
use Illuminate\Http\Client\PendingRequest;
use Illuminate\Http\Client\Response;
use RapidReel\Base\Refusal;
use RapidReel\Text\Translation\Glossary;
use RapidReel\Text\Translation\Rendered;
use RapidReel\Text\Translation\Translation;

/** A translation service over HTTP; its protocol stands in docs/translation-service.openapi.json. */
final readonly class ServiceTranslator implements Translating
{
    /** @param  array<string, string>  $headers  that it wants with every request */
    public function __construct(
        private ServiceCall $call,
        private string $url,
        private array $headers = [],
        private int $timeout = 120,
    ) {
    }

    public function about(): string
    {
        return 'Translations are made by the service at '.parse_url($this->url, PHP_URL_HOST).'.';
    }

    /** It says itself what it does not know. */
    public function knows(string $language): bool
    {
        return true;
    }

    public function translate(Translation $order, Glossary $glossary): Rendered
    {
        try {
            $told = $this->call->ask(
                $this->url,
                static fn (PendingRequest $request): Response => $request->acceptJson()
                    ->post('/translations', TranslationMessage::asking($order, $glossary)),
                TranslationMessage::MOST_BYTES,
                $this->headers,
                $this->timeout,
            )->json();
        } catch (ServiceFailure $problem) {
            throw new Refusal('The translation service '.$problem->getMessage());
        }

        return TranslationMessage::answered($told, $order, 'The translation service');
    }
}
