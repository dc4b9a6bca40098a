@extends('layouts.app')
@section('title', 'Sheet of '.$page->short->title)
@section('content')
@php($short = $page->short)
@php($urls = [
    'state' => route('sheet.state', $short), 'heard' => route('sheet.heard', $short),
    'undo' => route('shorts.undo', $short),
    'redo' => route('shorts.redo', $short), 'proof' => route('proofs.order', $short),
    'pace' => route('batches.pace', $short->batch), 'act' => route('batches.act', $short->batch),
    'settings' => route('settings'), 'pattern' => route('patterns.store', $short),
])
@php($now = [
    ...$page->state->toArray(), ...$page->stage->toArray(), 'drawn' => $page->drawn, 'sound' => $page->sound,
    'short' => $short->id, 'channel' => $short->batch->channel_id,
])
<div class="timeline" x-data="timeline(@js($urls), @js($now))" @acted="acted($event.detail)"
    @keydown.window="keyed($event)">
    <div class="page-head timeline-head">
        <div>
            <x-crumb :$short/>
            <h1>Sheet</h1>
            <p class="lead" x-ref="lead">{{ $page->lead() }}</p>
            <p class="flag" role="status" x-ref="trouble">{{ $page->trouble() }}</p>
        </div>
        <div class="actions">
            <span class="timeline-zoom">
                <button type="button" class="btn btn-sm btn-outline-dark" @click="zoom(px / 1.3)"
                    aria-label="Smaller">−</button>
                <input type="range" min="12" max="200" step="1" :value="px" @input="zoom(Number($el.value))"
                    aria-label="Pixels a second" tabindex="-1">
                <button type="button" class="btn btn-sm btn-outline-dark" @click="zoom(px * 1.3)"
                    aria-label="Larger">+</button>
                <button type="button" class="btn btn-sm btn-outline-dark" @click="zoom(fitting())">Fit</button>
            </span>
            <button type="button" class="btn btn-outline-dark" @click="openLength()" data-key="l"
                data-key-does="Bring it to a length">To a length…</button>
            <a class="btn btn-outline-dark" href="{{ route('shorts.show', $short) }}" data-key="e"
                data-key-does="Script and export">Script and export</a>
        </div>
    </div>
    <x-told/>
    @foreach (['Space' => 'Play or stop', '← →' => 'A frame', '↑ ↓' => 'A word', 'PgUp PgDn' => 'A shot',
        'P' => 'Play the scene', 'T' => 'Play the shot', 'K' => 'Play the hook', 'R' => 'Parts play round',
        '+ - 0' => 'Larger, smaller, all of it', 'Enter' => 'Write other words', 'Alt Enter' => 'Split the scene here',
        'Alt J' => 'Join the scene with the next', 'Alt ↑ ↓' => 'Move the scene',
        'X' => 'Close the pause here, or the next',
        'O' => 'The scene is optional, or needed', '[ ]' => 'The shot begins a word earlier, later',
        '{ }' => 'The shot begins a frame earlier, later', ', .' => 'Slip the clip', 'S' => 'Split the shot here',
        'J' => 'Join the shot with the one before', '1 - 5' => 'Swap for one of the five next best',
        '6' => 'Swap for any other picture',
        'A' => 'What is set for this scene and this shot', 'C' => 'Place a sound here',
        'I' => 'Put a card or sticker in here',
        'Alt ← →' => 'The music softer, louder here', 'Alt Delete' => 'The music here as elsewhere']
        as $keys => $does)
        <span hidden data-key-note="{{ $keys }}" data-key-does="{{ $does }}"></span>
    @endforeach
    <div class="timeline-bar" role="group" aria-label="What stands at the line"
        @click="$event.detail && document.activeElement.blur()">
        <span class="timeline-group">
            <b>Scene</b>
            <button type="button" class="link" @click="run('Alt+Enter')">Split</button>
            <button type="button" class="link" @click="run('Alt+j')">Join</button>
            <button type="button" class="link" @click="run('Enter')">Reword</button>
            <button type="button" class="link" @click="run('o')">Optional</button>
            <button type="button" class="link" @click="run('x')">Close pause</button>
            <button type="button" class="link" @click="run('p')">Play</button>
        </span>
        <span class="timeline-group">
            <b>Shot</b>
            <button type="button" class="link" @click="run('s')">Split</button>
            <button type="button" class="link" @click="run('j')">Join</button>
            <button type="button" class="link" @click="run(',')">Slip back</button>
            <button type="button" class="link" @click="run('.')">Slip on</button>
            <span>Swap for</span>
            @foreach (range(1, 5) as $number)
                <button type="button" class="link" @click="run('{{ $number }}')"
                    aria-label="Swap for number {{ $number }} of the next best">{{ $number }}</button>
            @endforeach
            <button type="button" class="link" @click="run('6')">Other…</button>
            <button type="button" class="link" @click="frames()">Framing</button>
            <button type="button" class="link" @click="run('t')">Play</button>
        </span>
        <span class="timeline-group">
            <button type="button" class="link" @click="run('c')">Sound…</button>
            <button type="button" class="link" @click="run('i')">Card…</button>
            <button type="button" class="link" @click="run('a')" :aria-expanded="isHere"
                x-text="isHere ? 'Set here ×' : 'Set here…'">Set here…</button>
        </span>
    </div>
    <div class="timeline-cols" :class="isHere && 'has-here'">
        <section aria-label="Said, seen and heard">
            <div class="timeline-names" aria-hidden="true">
                <span></span><span>Said</span><span>Seen</span><span>Heard</span>
            </div>
            <div class="timeline-scroll" x-ref="scroll" tabindex="0" aria-label="The short, time running down">
                <div class="timeline-body" x-ref="body" @click="clicked($event)" @pointerdown="grabbed($event)"
                    @dblclick="$event.target.closest('.said-scene')
                        && edit(Number($event.target.closest('.said-scene').dataset.scene))">
                    <div class="timeline-marks" x-ref="marks" aria-hidden="true"></div>
                    <div class="timeline-said" x-ref="said"></div>
                    <div class="timeline-seen" x-ref="seen"></div>
                    <div class="timeline-heard" @dblclick.stop="$event.target.closest('.heard-point')
                        ? dropPoint(Number($event.target.dataset.point)) : pointAdded($event)"><canvas x-ref="wave"
                        role="img"
                        aria-label="The voice’s waveform and the level of the music"></canvas>
                        <div class="heard-marks" x-ref="heardMarks"></div></div>
                    <div class="timeline-at" x-ref="head" aria-hidden="true"></div>
                    <div class="timeline-guide" x-ref="guide" hidden aria-hidden="true"></div>
                    <form class="field" x-ref="field" x-show="editing !== null" x-cloak @submit.prevent="keep()">
                        <textarea x-ref="text" x-model="text" rows="3" maxlength="1000" class="form-control"
                            aria-label="Words of the scene" @keydown.escape.stop="editing = null"
                            @keydown.enter.prevent="keep()"></textarea>
                        <button class="btn btn-sm btn-primary">Save the words</button>
                        <button type="button" class="link" @click="editing = null">Cancel</button>
                    </form>
                </div>
            </div>
            <div class="timeline-here" x-ref="here" x-show="isHere" x-cloak role="group"
                aria-label="What is set for this scene and this shot" @keydown.escape="toggleHere()"></div>
        </section>
        <aside class="timeline-side">
            <x-stage :shape="$page->stage->shape" none="The pictures are being made."
                label="The short as it will be"><span class="stage-line" x-ref="stageLine" hidden></span><div
                    class="stage-cards" x-ref="stageCards" @pointerdown="cardGrabbed($event)"></div></x-stage>
            <div class="stage-bar">
                <button type="button" class="btn btn-sm btn-primary" @click="play()" :disabled="!proof"
                    x-text="playing ? 'Stop' : 'Play'">Play</button>
                <button type="button" class="btn btn-sm btn-outline-dark" @click="run('k')" :disabled="!proof"
                    aria-label="Play the hook">Hook</button>
                <span class="stage-at" x-text="clock(at) + ' of ' + clock(seconds)"></span>
            </div>
            <div class="stage-checks">
                <label><input type="checkbox" class="form-check-input" x-model="safe"> Safe area</label>
                <label><input type="checkbox" class="form-check-input" x-model="silent"> No sound</label>
                <label><input type="checkbox" class="form-check-input" x-model="looped"> Parts play round</label>
            </div>
            <ul class="stage-card-list" x-ref="cardList" aria-label="Cards and stickers"></ul>
            <p class="quiet stage-music" x-ref="music">{{ $page->music() }}</p>
        </aside>
    </div>
    <section class="timeline-pace" aria-label="Pace" x-ref="pace" @click="
        $event.target.closest('[data-to]') && seek(Number($event.target.closest('[data-to]').dataset.to) / 1000);
        $event.target.closest('[data-does]') && mend($event.target.closest('[data-does]'))">
        @include('sheet._pace')
    </section>
    <x-picker/>
    @include('sheet._effects')
    @include('sheet._cards')
    @include('pace._bring', ['limits' => $page->limits])
    <x-below what="Settings of this short" :history="$page->state->history" level="short" :of="$page->short->id"
        :own="count($page->short->settings->own)">
        <form class="style-keep" @submit.prevent="keepPattern($el.querySelector('input'))">
            <label for="pattern-name">Save the settings of this short as a pattern</label>
            <input id="pattern-name" class="form-control form-control-sm" maxlength="60"
                placeholder="Name of the pattern" required>
            <button class="btn btn-sm btn-outline-dark">Save the pattern</button>
        </form>
    </x-below>
</div>
@endsection
