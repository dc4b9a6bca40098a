@extends('layouts.app')
@section('title', 'Intake')
@section('content')
@php($urls = ['preview' => route('intake.preview'), 'files' => route('intake.files'), 'say' => route('intake.say'),
    'keep' => route('intake.keep'), 'sample' => route('voices.sample', 'VOICE')])
<form method="post" action="{{ route('batches.store') }}" class="intake" @submit="send()"
    x-data="intake(@js($urls), @js(old('text', '')), @js($intake->voice))" @change="chose($event)"
    @split="chose($event)">
    @csrf
    <div class="page-head">
        <div>
            <h1>Intake</h1>
            <p class="lead">One script or many. A line of <code>---</code> separates them.</p>
        </div>
        <div class="actions">
            <button class="btn btn-outline-dark" name="later" value="1" :disabled="!usable"
                title="Put them into the rundown, and export when they are right">To the rundown</button>
            <button class="btn btn-primary btn-lg" :disabled="!usable"
                x-text="count > 1 ? `Make ${count} shorts` : 'Make the short'"
                >Make the shorts</button>
        </div>
    </div>
    @if ($errors->any())
        <p class="notice notice-problem" role="alert">{{ $errors->first() }}</p>
    @endif
    <div class="intake-cols">
        <section class="intake-paper" :class="{ 'is-over': over }" @dragover.prevent="over = true"
            @dragleave="over = false"
            @drop.prevent="take($event.dataTransfer.files)">
            <div class="paper-head">
                <label for="text">Scripts</label>
                <button type="button" class="link" x-show="before.length" x-cloak @click="takeBack()">Undo</button>
                <span>
                    <input type="file" class="visually-hidden" id="files" x-ref="files" multiple tabindex="-1"
                        accept=".txt,.md,.csv,.tsv,.srt,.vtt,.zip" @change.stop="take($event.target.files)">
                    <label for="files" class="link" tabindex="0" @keydown.enter="$refs.files.click()">Add files</label>
                    or drop them: text, Markdown, CSV, subtitles, ZIP
                </span>
            </div>
            <p class="notice notice-problem" role="alert" x-show="refused" x-text="refused" x-cloak></p>
            <template x-for="problem in problems" :key="problem">
                <p class="notice notice-problem" role="alert" x-text="problem"></p>
            </template>
            <textarea id="text" name="text" x-model.debounce.350ms="text" spellcheck="true" data-key="t"
                data-key-does="Write"
                placeholder="{{ $intake::EXAMPLE }}">{{ old('text') }}</textarea>
        </section>
        <section class="intake-fate" aria-live="polite">
            <div class="intake-choices">
                <div>
                    <label for="name">Batch</label>
                    <input id="name" name="name" class="form-control form-control-sm" maxlength="120"
                        value="{{ old('name') }}"
                        placeholder="Named by date">
                </div>
                @foreach ($intake->main as $setting)
                    <div>
                        <label for="{{ $setting->key }}">{{ $setting->label }}</label>
                        <div class="voice-choice">
                            <x-setting-input :$setting :id="$setting->key" :name="$setting->key"
                                :value="old($setting->key, '')"
                                :inherit="ucfirst($intake->inherited[$setting->key])"/>
                            @if ($setting->key === 'voice')
                                <button type="button" class="btn btn-sm btn-outline-dark" @click="listen()"
                                    aria-label="Listen to the voice"><i class="bi bi-play-fill"
                                    aria-hidden="true"></i></button>
                            @endif
                        </div>
                    </div>
                @endforeach
                @if ($intake->patterns !== [])
                    <div>
                        <label for="pattern">Pattern</label>
                        <select id="pattern" name="pattern" class="form-select form-select-sm">
                            <option value="0">None</option>
                            @foreach ($intake->patterns as $pattern)
                                <option value="{{ $pattern->id }}" @selected(old('pattern') == $pattern->id)>{{
                                    $pattern->name
                                }}</option>
                            @endforeach
                        </select>
                    </div>
                @endif
                <div>
                    <label for="quality">Quality</label>
                    <select id="quality" name="quality" class="form-select form-select-sm">
                        <option value="final" @selected(old('quality') !== 'draft')>Final, 1080 × 1920</option>
                        <option value="draft" @selected(old('quality') === 'draft')>Draft, 540 × 960</option>
                    </select>
                </div>
            </div>
            <details class="settings intake-more">
                <summary>More settings for this batch</summary>
                <p class="quiet">What is left empty is as in the <a href="{{ route('house') }}">house style</a>.</p>
                <div data-found-in>
                    <x-finder/>
                    <p class="quiet" data-found-nothing hidden>No setting has these words.</p>
                    @foreach ($intake->more as $section => $settings)
                        <div data-section>
                            <h3>{{ $section }}</h3>
                            <div class="intake-choices">
                                @foreach ($settings as $setting)
                                    <div data-words="{{ $setting->words() }}">
                                        <label for="{{ $setting->key }}">{{ $setting->label }}</label>
                                        <x-setting-input :$setting :id="$setting->key" :name="$setting->key"
                                            :value="old($setting->key, '')"
                                            :inherit="$intake->inherited[$setting->key]"/>
                                    </div>
                                @endforeach
                            </div>
                        </div>
                    @endforeach
                </div>
            </details>
            <audio x-ref="sample"></audio>
            <div x-html="html" :class="{ 'is-reading': reading }" @click="mend($event)"></div>
        </section>
    </div>
</form>
@endsection
