@extends('layouts.app')
@section('title', 'Captions of '.$page->short->title)
@section('content')
@php($short = $page->short)
@php($urls = [
    'state' => route('captions.state', $short), 'undo' => route('shorts.undo', $short),
    'redo' => route('shorts.redo', $short), 'proof' => route('proofs.order', $short),
    'mend' => route('captions.mend', $short), 'import' => route('captions.import', $short),
    'style' => route('styles.store', $short),
])
@php($now = [
    ...$page->state->toArray(), ...$page->stage->toArray(), 'seconds' => $page->seconds,
])
<div class="captions-page" x-data="captions(@js($urls), @js($now))" @acted="acted($event.detail)"
    @keydown.window="keyed($event)">
    <div class="page-head">
        <div>
            <x-crumb :$short/>
            <h1>Captions</h1>
            <p class="lead" x-ref="lead">{{ $page->lead() }}</p>
        </div>
        <div class="actions">
            <a class="btn btn-outline-dark" href="{{ route('styles', ['short' => $short->id]) }}" data-key="s"
                data-key-does="All styles on this short">All styles</a>
            <label class="btn btn-outline-dark" for="bring" tabindex="0" @keydown.enter="$refs.bring.click()"
                >Upload a file</label>
            <input type="file" id="bring" x-ref="bring" class="visually-hidden" tabindex="-1" accept=".srt,.vtt,.ass"
                @change="bring($el)">
            <span class="actions-what">Save as</span>
            @foreach (['srt', 'vtt', 'ass'] as $format)
                <a href="{{ route('captions.file', [$short, $format]) }}">{{ strtoupper($format) }}</a>
            @endforeach
        </div>
    </div>
    <x-told/>
    @foreach (['Space' => 'Play or stop', '↑ ↓' => 'Caption before or after', 'J' => 'Join with the next',
        'X' => 'Split before the chosen word', 'Enter' => 'Write other words', '← →' => 'Choose a word',
        'E' => 'Have the chosen word stand out', 'L' => 'Break the line after the chosen word',
        ', .' => 'Begin a frame earlier or later', '; :' => 'End a frame earlier or later',
        'A' => 'Put this caption back as it was found'] as $keys => $does)
        <span hidden data-key-note="{{ $keys }}" data-key-does="{{ $does }}"></span>
    @endforeach
    <section class="captions-style" aria-label="How captions look" x-ref="settings">
        @include('captions._settings')
    </section>
    <div class="captions-cols">
        <section aria-label="Captions">
            <div x-ref="clear">@include('captions._clear')</div>
            <div class="cue-head" aria-hidden="true">
                <span>From</span><span>Shown</span><span>Contrast</span>
            </div>
            <ol class="cues" x-ref="rows" @click="clicked($event)">@include('captions._rows')</ol>
        </section>
        <aside class="captions-side">
            <x-stage :shape="$page->stage->shape"
                none="The pictures are being made. The captions are drawn as they will be burned."
                label="Captions as they will be burned"/>
            <div class="stage-bar">
                <button type="button" class="btn btn-sm btn-primary" @click="play()" :disabled="!proof"
                    x-text="playing ? 'Stop' : 'Play'">Play</button>
                <input type="range" min="0" :max="seconds" step="0.01" x-model.number="at" @input="seek(at)"
                    aria-label="Moment">
                <span class="stage-at" x-text="clock(at)"></span>
                <label><input type="checkbox" class="form-check-input" x-model="safe"> Safe area</label>
                <label><input type="checkbox" class="form-check-input" x-model="silent"> No sound</label>
            </div>
        </aside>
    </div>
    <details class="history">
        <summary>What was changed</summary>
        <ol x-ref="history">@include('history._list', ['history' => $page->state->history])</ol>
    </details>
    <div class="modal" id="bring-how" tabindex="-1" aria-labelledby="bring-title" aria-hidden="true">
        <div class="modal-dialog"><div class="modal-content">
            <div class="modal-header">
                <h2 class="modal-title" id="bring-title">Upload captions</h2>
                <button type="button" class="btn-close" data-bs-dismiss="modal" aria-label="Close"></button>
            </div>
            <div class="modal-body">
                <div x-show="!asks">
                    <p>How are the captions of <b x-text="file?.name"></b> put in place? The voice stays as it is.</p>
                    <p><b>In step with the voice</b>: each at the words that it says. <b>At the times of the file</b>:
                    each when it stands there, whatever it says; for a translation, say.</p>
                    <div class="actions">
                        <button type="button" class="btn btn-primary" @click="brought({})">In step with the
                        voice</button>
                        <button type="button" class="btn btn-outline-dark" @click="brought({ times: true })">At the
                        times of the file</button>
                    </div>
                </div>
                <div x-show="asks" x-cloak>
                    <p role="alert" x-text="asks"></p>
                    <div class="actions">
                        <button type="button" class="btn btn-primary" @click="brought({ sure: true })">Those that
                        fit</button>
                        <button type="button" class="btn btn-outline-dark" @click="brought({ times: true })">All, at
                        the times of the file</button>
                    </div>
                </div>
            </div>
        </div></div>
    </div>
</div>
@endsection
