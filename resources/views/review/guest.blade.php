@extends('layouts.guest')
@section('title', $page->batch->name)
@section('content')
@php($urls = [
    'state' => route('guest.state'), 'short' => '/guest/shorts/0/look', 'decide' => '/guest/shorts/0/look',
])
<div class="review" x-data="review(@js($urls), @js([...$page->state->toArray(), 'undo' => null, 'redo' => null,
    'first' => $page->firstOpen()]))" @keydown.window="keyed($event)">
    <div class="page-head">
        <div>
            <h1 dir="auto">{{ $page->batch->name }}</h1>
            <p class="lead"><span x-ref="lead">{{ $page->lead() }}</span> · for {{ $link->name }}, until {{
                $link->ends_at->format('j F Y')
            }}</p>
        </div>
    </div>
    <p class="told" role="status"><span x-text="said"></span></p>
    <p class="notice notice-problem" role="alert" x-show="problem" x-text="problem" x-cloak></p>
    <div class="review-cols">
        <nav class="review-list" aria-label="Shorts" x-ref="rows" @click="picked($event)">
            @include('review._guest_rows')
        </nav>
        @include('review._watch')
        <section class="review-short" aria-label="This short" x-ref="short" @click="pressed($event)">
            <p class="quiet">Loading…</p>
        </section>
    </div>
    <div class="review-acts" role="group" aria-label="What becomes of it">
        <button type="button" class="btn btn-primary" @click="clear()" :disabled="busy || !clearable"
            data-key="c">Clear</button>
        <button type="button" class="btn btn-outline-dark" @click="askBack()" :disabled="busy"
            data-key="r">Send back</button>
        <button type="button" class="btn btn-outline-dark" @click="next(1)">Next</button>
    </div>
    @include('review._note')
</div>
@endsection
