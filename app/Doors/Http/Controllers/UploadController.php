<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Shelves\Library\Uploads;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Files in pieces: the core of the tus resumable upload protocol 1.0.0, with creation. */
final class UploadController extends Controller
{
    private const VERSION = ['Tus-Resumable' => '1.0.0', 'Cache-Control' => 'no-store'];

    public function begin(Request $request, Uploads $uploads): Response
    {
        $name = '';
        foreach (explode(',', (string) $request->header('Upload-Metadata')) as $pair) {
            [$key, $value] = array_pad(explode(' ', trim($pair), 2), 2, '');
            $name = $key === 'filename' ? (string) base64_decode($value, true) : $name;
        }
        $id = $uploads->begin(
            $this->user($request),
            $name === '' ? 'file' : $name,
            (int) $request->header('Upload-Length'),
            (int) config('reel.upload.clip_bytes'),
        );

        return response('', 201, [...self::VERSION, 'Location' => route('uploads.state', $id)]);
    }

    public function state(Request $request, string $upload, Uploads $uploads): Response
    {
        $state = $uploads->state($this->user($request), $upload);
        abort_if($state === null, 404);

        return response('', 200, [...self::VERSION, 'Upload-Offset' => $state[0], 'Upload-Length' => $state[1]]);
    }

    public function append(Request $request, string $upload, Uploads $uploads): Response
    {
        abort_if($uploads->state($this->user($request), $upload) === null, 404);
        abort_if($request->header('Content-Type') !== 'application/offset+octet-stream', 415);
        $offset = $uploads->append(
            $this->user($request),
            $upload,
            (int) $request->header('Upload-Offset'),
            $request->getContent(true),
        );
        abort_if($offset === null, 409);

        return response('', 204, [...self::VERSION, 'Upload-Offset' => $offset]);
    }

    public function drop(Request $request, string $upload, Uploads $uploads): Response
    {
        abort_if($uploads->state($this->user($request), $upload) === null, 404);
        $uploads->drop($this->user($request), $upload);

        return response('', 204, self::VERSION);
    }
}
