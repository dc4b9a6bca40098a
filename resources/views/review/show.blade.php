@extends('layouts.app')
@section('title', 'Review of '.$page->batch->name)
@section('content')
@php($batch = $page->batch)
@php($urls = [
    'state' => route('review.state', $batch), 'mend' => route('review.mend', $batch),
    'undo' => route('batches.undo', $batch), 'redo' => route('batches.redo', $batch),
    'short' => route('review.one', ['short' => 0]), 'preview' => route('review.preview', ['short' => 0]),
    'decide' => route('review.decide', ['short' => 0]), 'guests' => route('guests.store', $batch),
    'proof' => route('proofs.order', ['short' => 0]),
])
<div class="review" x-data="review(@js($urls), @js([...$page->state->toArray(), 'first' => $first]))"
    @keydown.window="keyed($event)">
    <div class="page-head">
        <div>
            <x-batch-crumb :batch="$batch"/>
            <h1>Review</h1>
            <p class="lead" x-ref="lead">{{ $page->lead() }}</p>
        </div>
        <div class="actions">
            <button type="button" class="btn btn-outline-dark" @click="mendAll()" :disabled="busy" data-key="a"
                data-key-does="Mend all that can be mended, in all shorts">Mend all shorts</button>
            <a class="btn btn-outline-dark" href="{{ route('review.contact', [$batch, 'html']) }}" data-key="x"
                data-key-does="Contact sheet, for somebody who has no account">Contact sheet</a>
            <a class="btn btn-outline-dark" href="{{ route('review.contact', [$batch, 'png']) }}"
                aria-label="Contact sheet as PNG">PNG</a>
            <button type="button" class="btn btn-outline-dark" @click="inviting = !inviting" data-key="g"
                data-key-does="A link for a guest">Guest link</button>
            <a class="btn btn-outline-dark" href="{{ route('batches.show', $batch) }}" data-key="e"
                data-key-does="Back to the rundown">Rundown</a>
        </div>
    </div>
    @foreach (['Space' => 'Play or stop', 'S' => 'Sound on or off', 'J K' => 'Next short, or the one before']
        as $keys => $does)
        <span hidden data-key-note="{{ $keys }}" data-key-does="{{ $does }}"></span>
    @endforeach
    <x-told/>
    <section class="review-guests" x-show="inviting" x-cloak aria-label="Guests">
        <form @submit.prevent="invite($el)">
            <label>For <input class="form-control form-control-sm" name="name" maxlength="60" required></label>
            <label>for <input type="number" class="form-control form-control-sm" name="days" min="1" max="90"
                value="14"> days</label>
            <button class="btn btn-sm btn-primary" :disabled="busy">Make a link</button>
            <span class="quiet">Whoever has it can watch, clear and send back, and nothing else.</span>
        </form>
        <p x-show="address" x-cloak>Send them this; it is shown once:
            <input class="form-control form-control-sm" readonly :value="address" aria-label="Address of the link"
                @focus="$el.select()"></p>
        <div x-ref="guests"
            @click="$event.target.dataset.withdraw && withdraw($event.target.dataset.withdraw)">
            @include('review._guests')
        </div>
    </section>
    <div class="review-cols">
        <nav class="review-list" aria-label="Shorts" x-ref="rows" @click="picked($event)">@include('review._rows')</nav>
        @include('review._watch')
        <section class="review-short" aria-label="What speaks against it" x-ref="short" @click="pressed($event)">
            <p class="quiet">Loading…</p>
        </section>
    </div>
    <div class="review-acts" role="group" aria-label="What becomes of it">
        <button type="button" class="btn btn-primary" @click="clear()" :disabled="busy || !clearable" data-key="c"
            data-key-does="Clear this short and go on to the next">Clear</button>
        <button type="button" class="btn btn-outline-dark" @click="askBack()" :disabled="busy" data-key="r"
            data-key-does="Send it back with a note of this moment">Send back</button>
        <button type="button" class="btn btn-outline-dark" @click="mendHere()" :disabled="busy || !mends" data-key="m"
            data-key-does="Mend all that can be mended in this short">Mend <span x-text="mends || ''"></span></button>
        <button type="button" class="btn btn-outline-dark" @click="next(1)">Next</button>
    </div>
    @include('review._note')
</div>
@endsection
