@extends('layouts.app')
@section('title', 'Briefs of '.$short->title)
@section('content')
<div x-data="briefs(@js(['store' => route('footage.store'), 'bring' => route('briefs.bring', $short),
    'made' => route('briefs.made', $short)]),
    {{ $short->revision }}, {{ $order !== null && $order->open ? 'true' : 'false' }})"
    @dragover.prevent @drop.prevent="bring($event.dataTransfer.files)" @keydown.window="keyed($event)">
    <div class="page-head">
        <div>
            <x-crumb :$short/>
            <h1>Briefs</h1>
            <p class="lead">
                {{ count($briefs) }} pictures, one a line, in order. They come back under the file names
                <code>01</code>,
                <code>02</code>, …
            </p>
        </div>
        <div class="actions">
            <button type="button" class="btn btn-outline-dark" @click="make()" :disabled="making"
                title="{{ $about }}">Have pictures made</button>
            <label class="btn btn-outline-dark" for="bring" tabindex="0" @keydown.enter="$refs.bring.click()"
                >Upload the pictures</label>
            <input type="file" id="bring" x-ref="bring" class="visually-hidden" tabindex="-1" multiple
                accept="video/*,image/png,image/jpeg,image/webp" @change="bring($el.files)">
            <a class="btn btn-outline-dark" href="{{ route('briefs.file', [$short, 'csv']) }}" data-key="c"
                data-key-does="Download as CSV">CSV</a>
            <a class="btn btn-primary" href="{{ route('briefs.file', [$short, 'txt']) }}" data-key="x"
                data-key-does="Download as text">Text, one a line</a>
        </div>
    </div>
    <p class="notice">
        @if ($channel->style_words !== '')
            Every brief ends with the style words <b>{{ $channel->style_words }}</b>. <a
                href="{{ route('house') }}">Change them</a>
        @else
            No style words yet: with some at the end of every brief all pictures share one look.
            <a href="{{ route('house') }}">Write them in the house style</a>
        @endif
    </p>
    <p class="notice notice-problem" role="alert" x-show="problem" x-text="problem" x-cloak></p>
    <p class="state state-working" role="status" x-show="waiting" x-cloak>
        reading <span x-text="waiting"></span> pictures…</p>
    <p class="state state-working" role="status" x-show="making" x-cloak>
        pictures made for <span x-text="done"></span> of <span x-text="all"></span> shots…</p>
    @if ($order !== null && ! $order->open)
        <p x-show="!brought && !making"><button type="button" class="link" @click="look()">Show the pictures that were
            made</button></p>
    @endif
    <p class="quiet">{{ $about }}</p>
    <section class="brought" aria-label="Pictures that came" x-show="brought" x-cloak x-html="brought"
        @click="clicked($event)"></section>
    <table class="order order-briefs">
        <thead>
            <tr>
                <th>File</th><th class="num">From</th><th class="num">For</th><th>Said</th><th>To be shown</th>
                <th>The scene should show</th>
            </tr>
        </thead>
        <tbody>
        @foreach ($briefs as $brief)
            @php($scene = $short->scenes[$brief->shot->scene])
            <tr @class(['is-first' => $brief->shot->shot === 0])>
                <td class="number">{{ $brief->fileName() }}</td>
                <td class="num">{{ number_format($brief->shot->startMs / 1000, 1) }}</td>
                <td class="num">{{ number_format(($brief->shot->endMs - $brief->shot->startMs) / 1000, 1) }} s</td>
                <td class="said">{{ $brief->shot->words }}</td>
                <td>{{ $brief->text }}
                    @if ($brief->forbidden !== [])
                        <span class="flag">Not to be shown: {{ implode(', ', $brief->forbidden) }}</span>
                    @endif
                </td>
                <td>@if ($brief->shot->shot === 0)
                    <input class="form-control form-control-sm" maxlength="500" value="{{ $scene->brief }}"
                        placeholder="its words"
                        data-url="{{ route('scenes.brief', $scene) }}"
                        aria-label="What scene {{ $brief->shot->scene + 1 }} should show" @change="save($el)"
                        @keydown.enter.prevent="save($el)">
                @endif</td>
            </tr>
        @endforeach
        </tbody>
    </table>
</div>
@endsection
