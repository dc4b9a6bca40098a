@extends('layouts.app')
@section('title', 'Outbox of '.$page->batch->name)
@section('content')
@php($batch = $page->batch)
@php($of = ['outlet' => $page->outlet?->id])
@php($urls = ['state' => route('outbox.state', [$batch, ...$of]), 'act' => route('outbox.act', $batch),
    'cells' => route('outbox.cells', $batch), 'take' => route('outbox.take', [$batch, ...$of]),
    'post' => route('posts.act', ['post' => 0]),
    'undo' => route('calendar.undo'), 'redo' => route('calendar.redo'),
    'covers' => $page->outlet === null ? '' : route('posts.covers', ['short' => 0, 'outlet' => $page->outlet]),
    'picture' => $page->outlet === null ? '' : route('posts.picture', ['short' => 0, 'outlet' => $page->outlet])])
@php($now = [...$state->toArray(), 'outlet' => $page->outlet?->id])
<div class="outbox" x-data="outbox(@js($urls), @js($now))">
    <div class="page-head">
        <div>
            <x-batch-crumb :batch="$batch"/>
            <h1>Outbox</h1>
            <p class="lead" x-ref="lead">{{ $page->lead() }}</p>
        </div>
        <div class="actions">
            <button type="button" class="btn btn-outline-dark" @click="act('clear')" data-key="c"
                data-key-does="Clear what nothing stops">Clear all</button>
            <button type="button" class="btn btn-outline-dark" @click="act('deal')" data-key="d"
                data-key-does="Deal over the days">Deal over the days</button>
            <button type="button" class="btn btn-outline-dark" @click="act('best')">Best first</button>
            <button type="button" class="btn btn-primary" @click="act('now')" data-key="p"
                data-key-does="Post all now" @disabled(! $page->canLeave())>Post all now</button>
        </div>
    </div>
    @if ($page->outlet === null)
        <p class="notice">Shorts leave for outlets: a folder, a disk, a server or a publishing service.
            <a href="{{ route('outlets.index') }}">Add the first outlet</a>, and come back.</p>
    @else
        <nav class="outbox-outlets" aria-label="Outlets">
            @foreach ($page->outlets as $one)
                <a href="{{ route('outbox.show', [$batch, 'outlet' => $one->id]) }}"
                    @class(['is-here' => $one->id === $page->outlet->id])
                    @if ($one->id === $page->outlet->id) aria-current="true" @endif>{{ $one->name }}</a>
            @endforeach
            <a href="{{ route('outlets.index') }}" class="quiet">Outlets</a>
            @if (count($page->outlets) > 1)
                <label><input type="checkbox" class="form-check-input" x-model="all"> Days and posting at all of
                    them</label>
            @endif
        </nav>
        @if ($page->wantsSignIn)
            <p class="notice notice-problem" role="status">Nobody is signed in at {{ $page->outlet->name }}:
                <a href="{{ route('outlets.index') }}#outlet-{{ $page->outlet->id }}">sign in there</a>, and shorts can
                leave.</p>
        @endif
        <form class="acts" @submit.prevent="replace()">
            <span class="acts-what" x-text="chosen.length ? `${chosen.length} chosen` : 'All shorts'"></span>
            <input type="search" class="form-control form-control-sm" x-model="find" placeholder="Find"
                aria-label="Find in the texts">
            <input type="text" class="form-control form-control-sm" x-model="put" placeholder="Replace by"
                aria-label="Replace by">
            <button class="btn btn-sm btn-outline-dark" :disabled="!find">Replace</button>
            <button type="button" class="btn btn-sm btn-outline-dark" @click="fillDown()">Fill down</button>
            <button type="button" class="btn btn-sm btn-outline-dark" @click="act('unplan')">Take off the
                calendar</button>
            <span class="acts-gap"></span>
            <a class="link" href="{{ route('outbox.file', [$batch, ...$of]) }}">Export CSV</a>
            <label class="link">Import CSV <input type="file" class="visually-hidden" accept=".csv,.tsv,.txt"
                @change="take($event.target)"></label>
        </form>
        <x-told/>
        <table class="order leaves">
            <thead><tr>
                <th class="tick"><input type="checkbox" class="form-check-input" aria-label="Choose all"
                    @change="chooseAll($event.target.checked)"></th>
                <th class="leaves-cover">Cover</th><th class="leaves-what">Short</th><th class="cell-title">Title</th>
                <th class="cell-description">Description</th><th class="cell-tags">Tags</th>
                <th class="cell-language">Language</th><th class="leaves-when">Leaves</th>
            </tr></thead>
            <tbody x-ref="rows" @click="pressed($event)" @change="changed($event)" @input="typed($event)"
                @paste="pasted($event)" @keydown="keyed($event)">@include('outbox._rows')</tbody>
        </table>
        <p class="quiet keys-hint">A table copied in a spreadsheet is pasted cell by cell. <kbd>Alt</kbd>
            <kbd>↓</kbd> and
            <kbd>Alt</kbd> <kbd>↑</kbd> go from row to row.</p>
        @include('outbox._cover')
    @endif
</div>
@endsection
