@extends('layouts.app')
@section('title', 'Outbox')
@section('content')
@php($from = $page->days[0]->date)
<div class="calendar" x-data="calendar({ state: '{{ route('calendar.state', ['from' => $from]) }}',
    post: '{{ route('posts.act', ['post' => 0]) }}', undo: '{{ route('calendar.undo') }}',
    redo: '{{ route('calendar.redo') }}' }, @js($state->toArray()))"
    @pointermove.window="drag($event)" @pointerup.window="drop($event)">
    <div class="page-head">
        <div>
            <h1>Outbox</h1>
            <p class="lead" x-ref="lead">{{ $page->lead() }}</p>
        </div>
        <div class="actions">
            <a class="btn btn-outline-dark" href="{{ route('calendar.show', ['from' => $page->before]) }}"
                data-key="ArrowLeft" data-key-does="Earlier">Earlier</a>
            <a class="btn btn-outline-dark" href="{{ route('calendar.show') }}" data-key="t"
                data-key-does="This week">This week</a>
            <a class="btn btn-outline-dark" href="{{ route('calendar.show', ['from' => $page->after]) }}">Later</a>
            <a class="btn btn-outline-dark" href="{{ route('outlets.index') }}" data-key="e"
                data-key-does="Outlets">Outlets</a>
            <a class="btn btn-outline-dark" href="{{ route('calendar.file') }}">iCalendar</a>
        </div>
    </div>
    @if ($page->outlets === [])
        <p class="notice">Finished shorts leave from here, each at its hour.
            <a href="{{ route('outlets.index') }}">Add the first outlet</a>: a folder, a disk, a server or a publishing
            service.</p>
    @endif
    <p class="outbox-outlets">Deal a batch over the days:
        @foreach ($page->batches as $batch)
            <a href="{{ route('outbox.show', $batch) }}">{{ $batch->name }}</a>@if (! $loop->last) · @endif
        @endforeach
    </p>
    <x-told/>
    <div class="day-hours" aria-hidden="true"><span></span><div>@foreach (range(0, 21, 3) as $hour)<i
        style="left: {{ 100 * $hour / 24 }}%">{{ sprintf('%02d:00', $hour) }}</i>@endforeach</div></div>
    <div x-ref="days" class="days" @pointerdown="grab($event)" @keydown="keyed($event)">@include('outbox._days')</div>
    <p class="quiet keys-hint">A slip is dragged to another day and hour, or moved by the arrows: a day up and down, a
        quarter of an hour across, an hour with <kbd>Shift</kbd>; <kbd>Del</kbd> takes it out.</p>
</div>
@endsection
