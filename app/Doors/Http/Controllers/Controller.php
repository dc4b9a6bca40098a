<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Doors\Http\WrongValue;
use App\Media\Store\KeptFiles;
use App\Shelves\Models\User;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\ResponseHeaderBag;

abstract class Controller
{
    protected function user(Request $request): User
    {
        $user = $request->user();

        return $user instanceof User ? $user : abort(401);
    }

    /** A text of a request; empty where there is none. */
    protected function text(Request $request, string $field): string
    {
        $text = $request->input($field);
        if ($text !== null && ! is_scalar($text)) {
            throw WrongValue::of($field, 'a text');
        }

        return mb_scrub((string) $text);
    }

    /** A whole number of a request; 0 where there is none. */
    protected function whole(Request $request, string $field): int
    {
        $number = $request->input($field, 0);

        return filter_var($number, FILTER_VALIDATE_INT) !== false && abs((int) $number) < 2 ** 31
            ? (int) $number
            : throw WrongValue::of($field, 'a whole number');
    }

    /**
     * A file of an account's, to be played or shown and never to be run: whatever its content looks like, it is what it
     * was found to be. What is no longer as it was sealed does not go out.
     *
     * @param  string  $as  what it is called where it is saved
     * @param  string|null  $seal  size and hash that it has, unless that stands beside it
     */
    protected function media(
        string $path,
        string $type,
        string $as,
        bool $save = false,
        ?string $seal = null,
    ): BinaryFileResponse {
        abort_unless($seal === null ? KeptFiles::isAsSealed($path) : KeptFiles::agrees($path, $seal), 404);
        // What is called by an operator may be called anything.
        $as = (string) preg_replace('/[\/\\\\\x00-\x1F]/', '-', $as);
        $response = new BinaryFileResponse($path, 200, [
            'Content-Type' => $type,
            'Content-Security-Policy' => "sandbox; default-src 'none'; style-src 'none'",
            'X-Content-Type-Options' => 'nosniff',
            'Cache-Control' => 'private, max-age=86400',
        ], public: false);
        $response->setContentDisposition(
            $save ? ResponseHeaderBag::DISPOSITION_ATTACHMENT : ResponseHeaderBag::DISPOSITION_INLINE,
            $as,
            (string) preg_replace('/[^\x20-\x7E]|[%\/\\\\]/', '-', $as),
        );

        return $response;
    }
}
