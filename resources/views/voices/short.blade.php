@extends('layouts.app')
@section('title', 'Voice of '.$short->title)
@section('content')
<div class="voice-page" x-data="voicing({ state: '{{ route('voice.state', $short) }}', record: '{{ route('voice.record', $short) }}', set: '{{ route('voice.set', $short) }}' }, @js($working))" @acted="acted($event.detail)">
    <div class="page-head">
        <div>
            <p class="crumb"><a href="{{ route('batches.index') }}">Batches</a> / <a href="{{ route('batches.show', $short->batch) }}">{{ $short->batch->name }}</a> / <a href="{{ route('shorts.show', $short) }}">{{ sprintf('%02d', $short->number) }} {{ $short->title }}</a></p>
            <h1>Voice</h1>
        </div>
        <div class="actions">
            <span class="actions-what">Zoom</span>
            @foreach ([60 => 'All', 140 => 'Words', 320 => 'Close'] as $zoom => $name)
                <button type="button" class="btn btn-sm btn-outline-dark" @click="zoom = {{ $zoom }}" :aria-pressed="zoom === {{ $zoom }}" data-key="{{ $loop->iteration }}" data-key-does="Zoom: {{ $name }}">{{ $name }}</button>
            @endforeach
        </div>
    </div>
    <div class="acts">
        <label class="acts-what" for="short-voice">Read by</label>
        <select id="short-voice" class="form-select form-select-sm" @change="set('voice', $el.value)">@include('voices._options', ['chosen' => $short->voice])</select>
        <label class="acts-what" for="short-speed">Speed</label>
        <input id="short-speed" type="number" min="60" max="180" step="5" class="form-control form-control-sm voices-speed" value="{{ $short->speed }}" @change="set('speed', $el.value)"> %
        <label class="acts-what" for="short-pause">Between scenes</label>
        <input id="short-pause" type="number" min="0" max="3000" step="20" class="form-control form-control-sm voices-speed" value="{{ $short->pause_ms }}" placeholder="{{ RapidReel\Cut\ScenePacer::GAP_MS }}" @change="set('pause', $el.value)"> ms
        <label class="acts-what" for="short-dead">Dead air to</label>
        <input id="short-dead" type="number" min="0" max="3000" step="20" class="form-control form-control-sm voices-speed" value="{{ $short->dead_air_ms }}" placeholder="left" @change="set('dead_air', $el.value)"> ms
        <span class="acts-gap"></span>
        <button type="button" class="btn btn-sm btn-outline-dark" @click="open('', @js($short->scenes->pluck('text')->implode("\n\n")))" data-key="r" data-key-does="Record the whole script">Record it all</button>
        <label class="btn btn-sm btn-outline-dark" for="whole" tabindex="0" @keydown.enter="$refs.whole.click()">Upload it all</label>
        <input type="file" id="whole" x-ref="whole" class="visually-hidden" tabindex="-1" multiple accept="audio/*,.srt,.vtt,.json" @change="upload($el, '')">
    </div>
    <div x-ref="head">@include('voices._head')</div>
    <p class="told" role="status" x-text="said"></p>
    <p class="notice notice-problem" role="alert" x-show="problem" x-text="problem" x-cloak></p>
    <ol class="readings" x-ref="scenes">@include('voices._scenes')</ol>
    <div class="modal" id="recorder" tabindex="-1" aria-labelledby="recorder-title" aria-hidden="true">
        <div class="modal-dialog modal-xl modal-dialog-centered"><div class="modal-content">
            <div class="modal-header"><h2 class="modal-title" id="recorder-title">Record</h2><button type="button" class="btn-close" @click="close()" aria-label="Close"></button></div>
            <div class="modal-body recorder">
                <p class="recorder-text" x-text="text"></p>
                <p class="recorder-count" x-show="count" x-text="count" aria-live="assertive"></p>
                <meter class="recorder-level" min="0" max="1" low="0.1" high="0.85" optimum="0.4" :value="level" aria-label="Level"></meter>
                <audio x-ref="heard" controls x-show="recorded" x-cloak></audio>
                <p class="flag" x-show="refused" x-text="refused" x-cloak></p>
                <div class="actions">
                    <button type="button" class="btn btn-primary" x-show="!recording && !recorded" @click="start()">Record</button>
                    <button type="button" class="btn btn-primary" x-show="recording" x-cloak @click="stop()">Stop</button>
                    <button type="button" class="btn btn-primary" x-show="recorded" x-cloak @click="keep()">Keep</button>
                    <button type="button" class="btn btn-outline-dark" x-show="recorded" x-cloak @click="start()">Repeat</button>
                </div>
            </div>
        </div></div>
    </div>
</div>
@endsection
