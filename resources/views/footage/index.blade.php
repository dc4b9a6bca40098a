@extends('layouts.app')
@section('title', 'Footage')
@section('content')
@php($filter = $page->filter)
@php($urls = ['store' => route('footage.store'), 'uploads' => route('uploads.begin'), 'act' => route('footage.act')])
<div x-data="library(@js($urls))" @dragover.prevent="over = true" @dragleave.self="over = false"
    @drop.prevent="dropped($event.dataTransfer)">
    <div class="page-head" id="footage-head">
        <div>
            <h1>Footage</h1>
            <p class="lead">{{ $page->lead() }}</p>
        </div>
        <div class="actions">
            @if ($page->history[0] !== null)
                <button type="button" class="btn btn-outline-dark" @click="act('undo')" data-key="u"
                    data-key-does="Undo the last change">Undo: {{ $page->history[0] }}</button>
            @endif
            @if ($page->history[1] !== null)
                <button type="button" class="btn btn-outline-dark" @click="act('redo')" data-key="y"
                    data-key-does="Do again what was undone">Do again: {{ $page->history[1] }}</button>
            @endif
        </div>
    </div>
    <form method="get" class="library-filter" @change="$el.submit()">
        <input type="search" name="search" class="form-control form-control-sm" value="{{ $filter->words }}"
            placeholder="Search names and tags" aria-label="Search" data-key="/" data-key-does="Search">
        <x-library-filters :$filter :collections="$page->collections"/>
        <button class="btn btn-sm btn-outline-dark">Search</button>
        @if (! $filter->isPlain())<a href="{{ route('footage.index') }}">Show all</a>@endif
    </form>
    <div class="dropper" :class="{ 'is-over': over }">
        <input type="file" class="visually-hidden" id="upload" x-ref="files" multiple tabindex="-1"
            accept="video/*,image/png,image/jpeg,image/webp" @change="take($event.target.files)">
        <label for="upload" class="btn btn-outline-dark" tabindex="0" @keydown.enter="$refs.files.click()">
            Add clips or stills
        </label>
        <input type="file" class="visually-hidden" id="folder" x-ref="folder" webkitdirectory tabindex="-1"
            @change="take($event.target.files)">
        <label for="folder" class="btn btn-outline-dark" tabindex="0" @keydown.enter="$refs.folder.click()">
            Add a folder
        </label>
        <span class="quiet">or drop them on this page</span>
        <input class="form-control form-control-sm" x-model="tags" aria-label="Tags for what you add"
            placeholder="Tags for them, with commas between (else from the file names)">
        <span class="state state-working" x-show="waiting" x-cloak>
            <span x-text="waiting"></span> to come, <span x-text="percent"></span> %
        </span>
    </div>
    <template x-for="problem in problems" :key="problem">
        <p class="notice notice-problem" role="alert" x-text="problem"></p>
    </template>
    <template x-for="one in near" :key="one"><p class="notice" role="status" x-text="one"></p></template>
    <p class="notice" role="status" x-show="said" x-cloak><span x-text="said"></span>
        <button type="button" class="link" x-show="undoable" @click="act('undo')">Undo</button></p>
    <p class="notice" role="status" x-show="added.length" x-cloak>
        <span x-text="`Added: ${added.join(', ')}.`"></span>
    </p>
    <div class="library-bar" x-show="chosen.length" x-cloak role="group" aria-label="What is done with the chosen">
        <b><span x-text="chosen.length"></span> chosen</b>
        <input class="form-control form-control-sm" x-model="value" aria-label="Tags or collection"
            placeholder="Tags, or the name of a collection">
        <button type="button" class="btn btn-sm btn-outline-dark" @click="act('tag')">Add tags</button>
        <button type="button" class="btn btn-sm btn-outline-dark" @click="act('untag')">Remove tags</button>
        <button type="button" class="btn btn-sm btn-outline-dark" @click="act('collect')">Collect</button>
        <button type="button" class="btn btn-sm btn-outline-dark" @click="act('delete')">Delete</button>
        <select class="form-select form-select-sm" aria-label="How clips are mended" x-model="mend">
            <option value="">Mend clips…</option>
            @foreach (RapidReel\Pictures\Footage\Mend::cases() as $mend)
                <option value="{{ $mend->value }}">{{ $mend->label() }}</option>
            @endforeach
        </select>
        <button type="button" class="btn btn-sm btn-outline-dark" @click="value = mend; act('mend')"
            :disabled="!mend">Mend</button>
        <button type="button" class="link" @click="all()">Choose all on this page</button>
        <button type="button" class="link" @click="chosen = []">None</button>
    </div>
    <div id="footage-found">
        @if ($page->found->isEmpty())
            <div class="empty">
                @if ($filter->isPlain())
                    <p class="empty-title">The library is empty</p>
                    <p>Add clips or stills to begin, or drop a folder of them on this page. Shorts take their pictures
                        from here, by the words in their tags, and are exported once there are some.</p>
                @else
                    <p class="empty-title">Nothing found</p>
                    <p>Nothing in the library is like that.</p>
                @endif
            </div>
        @else
            <ul class="grid" id="footage-grid" @mouseover="scrubs($event)">@include('footage._grid')</ul>
            {{ $page->found->links() }}
        @endif
    </div>
</div>
@endsection
