@extends('layouts.app')
@section('title', 'Queue of '.$page->batch->name)
@section('content')
@php($batch = $page->batch)
@php($urls = ['state' => route('queue.state', $batch), 'act' => route('queue.act', $batch),
    'one' => route('queue.one', ['export' => 0])])
@php($now = ['working' => $page->open() > 0, 'held' => $batch->held, 'open' => $page->open(), 'room' => $page->room,
    'title' => $page->title(), 'batch' => $batch->name, 'undo' => null, 'redo' => null])
<div class="queue" x-data="queue(@js($urls), @js($now))">
    <div class="page-head">
        <div>
            <x-batch-crumb :batch="$batch"/>
            <h1>Queue</h1>
            <p class="lead" x-ref="lead">{{ $page->lead() }}</p>
        </div>
        <div class="actions">
            <button type="button" class="btn btn-outline-dark" x-show="!held" @click="act('hold')" :disabled="!open"
                data-key="p" data-key-does="Pause, or go on">Pause</button>
            <button type="button" class="btn btn-primary" x-show="held" x-cloak @click="act('go')"
                data-key="p" data-key-does="Pause, or go on">Go on</button>
            <button type="button" class="btn btn-outline-dark" @click="act('cancel')" :disabled="!open" data-key="s"
                data-key-does="Stop all">Stop all</button>
            <a class="btn btn-outline-dark" href="{{ route('review.show', $batch) }}" data-key="r"
                data-key-does="Review">Review</a>
            <a class="btn btn-outline-dark" href="{{ route('batches.show', $batch) }}" data-key="e"
                data-key-does="Back to the rundown">Rundown</a>
        </div>
    </div>
    <p class="told" role="status"><span x-text="said"></span></p>
    <p class="notice notice-problem" role="alert" x-show="problem" x-text="problem" x-cloak></p>
    <p class="notice notice-problem" role="status" x-show="room" x-text="room" x-cloak></p>
    <p class="notice" role="status" x-show="over" x-text="over" x-cloak></p>
    <table class="order queue-rows">
        <thead>
            <tr><th class="num">Order</th><th class="what">Short</th><th>For</th><th>State</th><th class="num">Left</th>
                <th><span class="visually-hidden">What can be done</span></th></tr>
        </thead>
        <tbody x-ref="rows" @click="pressed($event)">@include('exports._rows')</tbody>
    </table>
    <p class="quiet" x-show="!open && !$refs.rows.children.length">Nothing of this batch was exported yet.
        <a href="{{ route('batches.show', $batch) }}">Export it from the rundown</a>.</p>
</div>
@endsection
