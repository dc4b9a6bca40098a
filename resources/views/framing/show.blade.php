@extends('layouts.app')
@section('title', 'Framing of '.$page->framing->footage->name)
@section('content')
@php($short = $page->place->short())
@php($place = [$page->place->scene, $page->place->word])
@php($urls = [
    'state' => route('framing.state', $place), 'undo' => route('shorts.undo', $short),
    'redo' => route('shorts.redo', $short), 'pin' => route('framing.pin', $place), 'settings' => route('settings'),
])
@php($now = [
    ...$page->state->toArray(), 'drawn' => $page->drawn, 'shot' => $page->framing->set->row,
    'channel' => $short->batch->channel_id,
])
<div class="framing-page" x-data="framing(@js($urls), @js($now))" @acted="acted($event.detail)"
    @keydown.window="keyed($event)">
    <div class="page-head">
        <div>
            <x-crumb :$short/>
            <h1>Framing</h1>
            <p class="lead" x-ref="lead">{{ $page->lead() }}</p>
        </div>
        <div class="actions">
            @if ($page->place->before)<a class="btn btn-outline-dark" href="{{ $page->place->before }}" data-key="["
                data-key-does="Shot before">Shot before</a>@endif
            @if ($page->place->after)<a class="btn btn-outline-dark" href="{{ $page->place->after }}" data-key="]"
                data-key-does="Next shot">Next shot</a>@endif
        </div>
    </div>
    <x-told/>
    @foreach (['Space' => 'Play or stop', '← →' => 'A frame back or on', 'P' => 'Pin the window where it stands',
        'Delete' => 'Delete the nearest pin', 'Shift ← →' => 'Move the window and pin it',
        '1' => 'Follow the subject', '2' => 'Hold still on it', '3' => 'Hold still in the middle',
        '4' => 'Show all over a blurred copy', '5' => 'Show all over a plain ground',
        '6' => 'Show all over two colours',
        '+ −' => 'Closer or wider'] as $keys => $does)
        <span hidden data-key-note="{{ $keys }}" data-key-does="{{ $does }}"></span>
    @endforeach
    <p class="framing-says">“{{ $page->place->says() }}”</p>
    <section x-ref="settings" aria-label="How it is framed">@include('framing._settings')</section>
    <div class="framing-cols">
        <div class="framing-source" style="--ratio: {{
            round($page->framing->footage->width / $page->framing->footage->height, 4) }}">
            <div class="source-stage" x-ref="source" style="aspect-ratio: {{
                $page->framing->footage->width }} / {{ $page->framing->footage->height }}"
                @pointerdown="grab($event)" @pointermove="drag($event)" @pointerup="drop($event)"
                @pointercancel="drop($event)" :class="{ 'is-dragged': dragged }">
                @if ($page->isStill())
                    <img x-ref="picture" src="{{ $page->drawn['file'] }}" alt="{{ $page->framing->footage->name }}"
                        draggable="false">
                @else
                    <video x-ref="picture" src="{{ $page->drawn['file'] }}" muted playsinline preload="auto"
                        aria-label="{{ $page->framing->footage->name }}"></video>
                @endif
                <div class="source-window" x-ref="window" data-draws></div>
                <p class="source-none" x-show="unplayable" x-cloak>This browser cannot play the file itself; its map is
                below, and it renders all the same.</p>
            </div>
            <div class="stage-bar">
                <button type="button" class="btn btn-sm btn-primary" @click="play()" x-show="!drawn.still"
                    x-text="playing ? 'Stop' : 'Play'">Play</button>
                <input type="range" min="0" :max="drawn.length" step="1" :value="at - drawn.in"
                    @input="seek(drawn.in + Number($el.value))" aria-label="Moment of the shot">
                <span class="stage-at" x-text="((at - drawn.in) / 1000).toFixed(2) + ' s'"></span>
            </div>
            <figure class="interest" x-show="!drawn.still">
                <canvas x-ref="map" data-draws height="150" role="img"
                    aria-label="Where the interest lies, time running down, with the window as a band"
                    @pointerdown="grabBand($event)" @pointermove="overMap($event)" @pointerup="dropBand($event)"
                    @pointercancel="dropBand($event)"></canvas>
                <figcaption><span class="key key-interest"></span> where something moves or stands out
                    <span class="key key-band"></span> the window <span class="key key-pin"></span> a pin
                    <span class="key key-problem"></span> to look at. Time runs down; move over it to look.</figcaption>
            </figure>
        </div>
        <canvas class="framing-result" x-ref="result" data-draws width="270" height="480" role="img"
            aria-label="What will be seen"></canvas>
        <aside class="framing-side">
            <div x-ref="side">@include('framing._side')</div>
        </aside>
    </div>
    <details class="history">
        <summary>What was changed</summary>
        <ol x-ref="history">@include('history._list', ['history' => $page->state->history])</ol>
    </details>
</div>
@endsection
