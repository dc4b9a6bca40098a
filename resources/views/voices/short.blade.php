@extends('layouts.app')
@section('title', 'Voice of '.$page->short->title)
@section('content')
@php($short = $page->short)
@php($urls = [
    'state' => route('voice.state', $short), 'record' => route('voice.record', $short),
    'undo' => route('shorts.undo', $short), 'redo' => route('shorts.redo', $short),
])
<div class="voice-page" @acted="acted($event.detail)" x-data="voicing(@js($urls), @js($page->state->toArray()))">
    <div class="page-head">
        <div>
            <x-crumb :$short/>
            <h1>Voice</h1>
        </div>
        <div class="actions">
            <span class="actions-what">Zoom</span>
            @foreach ([60 => 'All', 140 => 'Words', 320 => 'Close'] as $zoom => $name)
                <button type="button" class="btn btn-sm btn-outline-dark" @click="zoom = {{ $zoom }}"
                    :aria-pressed="zoom === {{ $zoom }}" data-key="{{ $loop->iteration }}"
                    data-key-does="Zoom: {{ $name }}">{{ $name }}</button>
            @endforeach
            <button type="button" class="btn btn-sm btn-outline-dark" data-key="r"
                data-key-does="Record the whole script"
                @click="open('', @js($short->scenes->pluck('text')->implode("\n\n")))">Record it all</button>
            <label class="btn btn-sm btn-outline-dark" for="whole" tabindex="0"
                @keydown.enter="$refs.whole.click()">Upload it all</label>
            <input type="file" id="whole" x-ref="whole" class="visually-hidden" tabindex="-1" multiple
                accept="audio/*,.srt,.vtt,.ass,.json" @change="upload($el, '')">
        </div>
    </div>
    <div class="acts scopes scopes-row" x-ref="settings">@include('voices._settings')</div>
    <div x-ref="head">@include('voices._head')</div>
    <x-told/>
    <ol class="readings" x-ref="scenes">@include('voices._scenes')</ol>
    <div class="modal" id="recorder" tabindex="-1" aria-labelledby="recorder-title" aria-hidden="true">
        <div class="modal-dialog modal-xl modal-dialog-centered"><div class="modal-content">
            <div class="modal-header">
                <h2 class="modal-title" id="recorder-title">Record</h2>
                <button type="button" class="btn-close" @click="close()" aria-label="Close"></button>
            </div>
            <div class="modal-body recorder">
                <p class="recorder-text" x-text="text"></p>
                <p class="recorder-count" x-show="count" x-text="count" aria-live="assertive"></p>
                <meter class="recorder-level" min="0" max="1" low="0.1" high="0.85" optimum="0.4" :value="level"
                    aria-label="Level"></meter>
                <audio x-ref="heard" controls x-show="recorded" x-cloak></audio>
                <p class="flag" x-show="refused" x-text="refused" x-cloak></p>
                <div class="actions">
                    <button type="button" class="btn btn-primary" x-show="!recording && !recorded" @click="start()"
                        >Record</button>
                    <button type="button" class="btn btn-primary" x-show="recording" x-cloak
                        @click="stop()">Stop</button>
                    <button type="button" class="btn btn-primary" x-show="recorded" x-cloak
                        @click="keep()">Keep</button>
                    <button type="button" class="btn btn-outline-dark" x-show="recorded" x-cloak
                        @click="start()">Repeat</button>
                </div>
            </div>
        </div></div>
    </div>
</div>
@endsection
