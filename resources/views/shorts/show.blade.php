@extends('layouts.app')
@section('title', $sheet->short->title)
@section('content')
@php($short = $sheet->short)
@php($row = $sheet->row)
@php($urls = [
    'state' => route('shorts.state', $short), 'undo' => route('shorts.undo', $short),
    'redo' => route('shorts.redo', $short),
])
@php($now = ['video' => $row->done()?->id, ...$sheet->state->toArray()])
<div class="sheet" x-data="sheet(@js($urls), @js($now))" @acted="acted($event.detail)">
    <div class="page-head">
        <div>
            <p class="crumb">
                <a href="{{ route('batches.index') }}">Batches</a> /
                <a href="{{ route('batches.show', $short->batch) }}">{{ $short->batch->name }}</a> /
                {{ sprintf('%02d', $short->number) }}
            </p>
            <h1>{{ $short->title }}</h1>
            <p class="lead" x-ref="lead">{{ $sheet->lead }}</p>
        </div>
        <div class="actions">
            <a class="btn btn-outline-dark" href="{{ route('sheet.show', $short) }}" data-key="t"
                data-key-does="Sheet: said, seen and heard in time">Sheet</a>
            <a class="btn btn-outline-dark" href="{{ route('voice.show', $short) }}" data-key="o"
                data-key-does="Voice and recordings">Voice</a>
            <a class="btn btn-outline-dark" href="{{ route('captions.show', $short) }}" data-key="c"
                data-key-does="Captions">Captions</a>
            <a class="btn btn-outline-dark" href="{{ route('briefs.show', $short) }}" data-key="i"
                data-key-does="Briefs">Briefs</a>
            <a class="btn btn-outline-dark" href="{{ route('versions.show', $short) }}" data-key="y"
                data-key-does="The same short in other languages">Languages</a>
        </div>
    </div>
    <x-told/>
    @foreach (['Alt Enter' => 'Split the scene at the cursor', 'Alt J' => 'Join the scene with the next',
        'Alt ↑' => 'Move the scene up', 'Alt ↓' => 'Move the scene down', 'Ctrl Enter' => 'Save the words',
        'Esc' => 'Discard what was typed'] as $keys => $does)
        <span hidden data-key-note="{{ $keys }}" data-key-does="{{ $does }}"></span>
    @endforeach
    <div class="sheet-cols">
        <section aria-label="Scenes">
            <div class="ruler-head" aria-hidden="true"><span>Time</span><span>Said</span><span>Seen</span></div>
            <ol class="ruler" x-ref="scenes">@include('shorts._scenes')</ol>
            <div class="panel" x-ref="panel">@include('scripts._panel')</div>
            <x-below what="Settings of this short" :history="$sheet->state->history" level="short"
                :of="$sheet->short->id" :own="count($sheet->short->settings->own)"/>
        </section>
        <aside class="sheet-side">
            @if ($row->done())
                <video x-ref="player" class="player" controls playsinline preload="metadata"
                    data-from="{{ route('exports.file', [0, 'mp4']) }}"
                    src="{{ route('exports.file', [$row->done(), 'mp4']) }}"
                    poster="{{ route('exports.poster', $row->done()) }}"></video>
            @else
                <div class="player player-none"><p>The video plays here once it is exported.</p></div>
            @endif
            <div x-ref="export">@include('shorts._export')</div>
        </aside>
    </div>
    <x-picker/>
</div>
@endsection
