<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Makers\Proofs\ChoicePictures;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Footage;
use App\Shelves\Models\FootageState;
use Illuminate\Http\Request;
use RapidReel\Base\Colour\Looks;
use RapidReel\Making\Render\Blend;
use RapidReel\Pictures\Framing\Framing;
use RapidReel\Plan\Choice\TransitionKind;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** A picture of the channel as a choice makes it, before that is made. */
final class ChoiceController extends Controller
{
    public function look(Footage $footage, string $choice, ChoicePictures $pictures): BinaryFileResponse
    {
        abort_unless($choice === 'none' || isset(Looks::labels()[$choice]), 404);

        return $this->media($pictures->look($footage, $choice), 'image/jpeg', "$choice.jpg");
    }

    public function framing(Footage $footage, string $choice, ChoicePictures $pictures): BinaryFileResponse
    {
        $framing = Framing::tryFrom($choice);
        abort_if($framing === null, 404);

        return $this->media($pictures->framing($footage, $framing), 'image/jpeg', "$choice.jpg");
    }

    public function transition(
        Request $request,
        Footage $footage,
        string $choice,
        ChoicePictures $pictures,
    ): BinaryFileResponse {
        abort_if(TransitionKind::tryFrom($choice) === null, 404);
        $next = Footage::at(Channel::of($this->user($request)))->where('state', FootageState::Ready)
            ->whereKeyNot($footage->id)->latest('id')->first() ?? $footage;

        return $this->media(
            $pictures->transition($footage, $next, Blend::tryFrom($choice)), 'image/jpeg', "$choice.jpg",
        );
    }
}
