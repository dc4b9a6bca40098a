<?php

declare(strict_types=1);

namespace App\Gateways\Translating;

use RapidReel\Base\Refusal;
use RapidReel\Text\Translation\Glossary;
use RapidReel\Text\Translation\Rendered;
use RapidReel\Text\Translation\Translation;

/** Whoever says sentences in another language. */
interface Translating
{
    /** What the operator is told about who translates. */
    public function about(): string;

    /** @param  string  $language  as a BCP 47 tag */
    public function knows(string $language): bool;

    /**
     * Sentences that it leaves out are not translated.
     *
     * @throws Refusal in the operator's words, when none of it can be done
     */
    public function translate(Translation $order, Glossary $glossary): Rendered;
}
