@extends('layouts.app')
@section('title', $sheet->short->title)
@section('content')
@php($short = $sheet->short)
<div class="sheet" x-data="sheet('{{ route('shorts.state', $short) }}', @js($sheet->row->isWorking), @js($sheet->row->done?->id))">
    <div class="page-head">
        <div>
            <p class="crumb"><a href="{{ route('batches.index') }}">Batches</a> / <a href="{{ route('batches.show', $short->batch) }}">{{ $short->batch->name }}</a> / {{ sprintf('%02d', $short->number) }}</p>
            <h1>{{ $short->title }}</h1>
            <p class="lead">Read by {{ $voice->name }} · {{ $short->profile->label() }}</p>
        </div>
    </div>
    <p class="notice notice-problem" role="alert" x-show="problem" x-text="problem" x-cloak></p>
    <div class="sheet-cols">
        <section aria-label="Scenes">
            <div class="ruler-head" aria-hidden="true"><span>Time</span><span>Said</span><span>Seen</span></div>
            <ol class="ruler" x-ref="scenes">@include('shorts._scenes')</ol>
        </section>
        <aside class="sheet-side">
            @if ($sheet->row->done)
                <video x-ref="player" class="player" controls playsinline preload="metadata" data-from="{{ route('exports.file', [0, 'mp4']) }}" src="{{ route('exports.file', [$sheet->row->done, 'mp4']) }}" poster="{{ route('exports.poster', $sheet->row->done) }}"></video>
            @else
                <div class="player player-none"><p>The video plays here once it is exported.</p></div>
            @endif
            <div x-ref="export">@include('shorts._export')</div>
        </aside>
    </div>
    <div class="modal" id="picker" tabindex="-1" aria-labelledby="picker-title" aria-hidden="true">
        <div class="modal-dialog modal-xl modal-dialog-scrollable"><div class="modal-content">
            <div class="modal-header">
                <h2 class="modal-title" id="picker-title">Swap the picture</h2>
                <input type="search" class="form-control form-control-sm" placeholder="Search names and tags" aria-label="Search footage" x-model="words" @input.debounce.250ms="search()">
                <button type="button" class="btn-close" data-bs-dismiss="modal" aria-label="Close"></button>
            </div>
            <div class="modal-body" x-ref="picker" data-url="{{ route('footage.picker') }}" x-html="found" @click="$event.target.closest('[data-footage]') && swap($event.target.closest('[data-footage]').dataset.footage)"></div>
        </div></div>
    </div>
</div>
@endsection
