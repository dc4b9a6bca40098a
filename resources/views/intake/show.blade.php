@extends('layouts.app')
@section('title', 'Intake')
@section('content')
<form method="post" action="{{ route('batches.store') }}" class="intake" @submit="send()"
      x-data="intake({ preview: '{{ route('intake.preview') }}', files: '{{ route('intake.files') }}', say: '{{ route('intake.say') }}', keep: '{{ route('intake.keep') }}' }, @js(old('text', '')))">
    @csrf
    <div class="page-head">
        <div>
            <h1>Intake</h1>
            <p class="lead">One script or many. A line of <code>---</code> parts them.</p>
        </div>
        <div class="actions">
            <button class="btn btn-outline-dark" name="later" value="1" :disabled="!usable" title="Put them into the rundown, and export when they are right">To the rundown</button>
            <button class="btn btn-primary btn-lg" :disabled="!usable" x-text="count > 1 ? `Make ${count} shorts` : 'Make the short'">Make the shorts</button>
        </div>
    </div>
    @if ($errors->any())
        <p class="notice notice-problem" role="alert">{{ $errors->first() }}</p>
    @endif
    <div class="intake-cols">
        <section class="intake-paper" :class="{ 'is-over': over }" @dragover.prevent="over = true" @dragleave="over = false" @drop.prevent="take($event.dataTransfer.files)">
            <div class="paper-head">
                <label for="text">Scripts</label>
                <button type="button" class="link" x-show="before.length" x-cloak @click="takeBack()">Undo</button>
                <span>
                    <input type="file" class="visually-hidden" id="files" x-ref="files" multiple accept=".txt,.md,.csv,.tsv,.srt,.vtt,.zip" @change="take($event.target.files)" tabindex="-1">
                    <label for="files" class="link" tabindex="0" @keydown.enter="$refs.files.click()">Add files</label> or drop them: text, Markdown, CSV, subtitles, ZIP
                </span>
            </div>
            <p class="notice notice-problem" role="alert" x-show="refused" x-text="refused" x-cloak></p>
            <template x-for="problem in problems" :key="problem"><p class="notice notice-problem" role="alert" x-text="problem"></p></template>
            <textarea id="text" name="text" x-model.debounce.350ms="text" spellcheck="true" data-key="t" data-key-does="Write"
                placeholder="# The lamp that burned for nobody&#10;&#10;For eleven years, one lighthouse guided no ships at all.&#10;[music: slow, low strings]&#10;The harbour had silted up, and the last steamer left in 1884.&#10;…&#10;Follow for another light tomorrow.&#10;&#10;---&#10;&#10;What if a bell could ring for sixty years under water?&#10;…">{{ old('text') }}</textarea>
        </section>
        <section class="intake-fate" aria-live="polite">
            <div class="intake-choices">
                <div>
                    <label for="name">Batch</label>
                    <input id="name" name="name" class="form-control form-control-sm" maxlength="120" value="{{ old('name') }}" placeholder="Named by date">
                </div>
                <div>
                    <label for="voice">Voice</label>
                    <div class="voice-choice">
                        <select id="voice" name="voice" class="form-select form-select-sm" x-model="voice" x-ref="voice">@include('voices._options', ['chosen' => old('voice', $chosen)])</select>
                        <button type="button" class="btn btn-sm btn-outline-dark" @click="listen('{{ route('voices.sample', 'VOICE') }}'.replace('VOICE', voice))" aria-label="Listen to the voice"><i class="bi bi-play-fill" aria-hidden="true"></i></button>
                    </div>
                </div>
                <div>
                    <label for="profile">Target</label>
                    <select id="profile" name="profile" class="form-select form-select-sm" x-ref="profile" x-model="profile">
                        @foreach ($profiles as $profile)
                            <option value="{{ $profile->value }}" @selected(old('profile', 'upto-60') === $profile->value)>{{ $profile->label() }}</option>
                        @endforeach
                    </select>
                </div>
                <div>
                    <label for="split">Scenes</label>
                    <x-split-choice id="split" @split="split = $event.detail"/>
                </div>
                <div>
                    <label for="quality">Quality</label>
                    <select id="quality" name="quality" class="form-select form-select-sm">
                        <option value="final" @selected(old('quality') !== 'draft')>Final, 1080 × 1920</option>
                        <option value="draft" @selected(old('quality') === 'draft')>Draft, 540 × 960</option>
                    </select>
                </div>
            </div>
            <audio x-ref="sample"></audio>
            <div x-html="html" :class="{ 'is-reading': reading }" @click="mend($event)"></div>
        </section>
    </div>
</form>
@endsection
