@extends('layouts.app')
@section('title', 'House style')
@section('content')
@php($channel = $house->channel)
<div class="page-head">
    <div>
        <h1>House style</h1>
        <p class="lead">What holds for every short of {{ $channel->name }}, unless a batch, a short or a scene has its
        own.</p>
    </div>
    <p class="actions"><a href="{{ route('channels.index') }}" data-key="c"
        data-key-does="Channels and files">Channels, files and colour tables</a></p>
</div>
@if (is_string(session('saved')))<p class="notice" role="status">{{ session('saved') }}</p>@endif
@if ($brought !== null)
    <p @class(['notice', 'notice-problem' => $brought['state'] === 'failed']) role="status">{{ $brought['said'] }}</p>
    @foreach ($brought['problems'] as $problem)
        <p class="notice notice-problem" role="alert">{{ $problem }}</p>
    @endforeach
@endif
<section class="house-settings" aria-label="Settings" data-found-in x-data="house(@js([
    'state' => route('house.state'), 'undo' => route('house.undo'), 'redo' => route('house.redo'),
]), @js($state->toArray()))"
    @acted="acted($event.detail)">
    <div class="house-line">
        <x-finder/>
        <x-told/>
    </div>
    <p class="quiet" data-found-nothing hidden>No setting has these words.</p>
    @if (array_sum(array_map(fn ($group) => $group->own(), $house->groups)) === 0)
        <section class="starters" aria-label="Begin from a style">
            <p><b>Nothing is set yet.</b> Begin from one of these, or set what you like below.</p>
            @foreach (RapidReel\Plan\Settings\StarterStyle::cases() as $style)
                <form method="post" action="{{ route('house.begin') }}">
                    @csrf
                    <button class="btn btn-sm btn-outline-dark" name="style" value="{{ $style->value }}">{{
                        $style->label() }}</button>
                    <span class="quiet">{{ $style->says() }}</span>
                </form>
            @endforeach
        </section>
    @endif
    <div class="house-cols">
        <div class="house-main" x-ref="settings">@include('house._settings')</div>
        <div class="house-rest">
            @include('house._words')
            <section class="house-section" id="section-apply" aria-labelledby="apply-name">
                <div class="house-section-head"><h2 id="apply-name">Apply to batches</h2></div>
                <div x-ref="apply">@include('house._apply')</div>
            </section>
            <details class="history">
                <summary>What was changed</summary>
                <ol id="house-history">@include('history._list', ['history' => $state->page->history])</ol>
            </details>
        </div>
        <aside class="house-shown" aria-label="A short as it will be" x-cloak>
            <p class="house-shown-name" x-show="preview"><a :href="preview?.sheet" x-text="preview?.name"></a></p>
            <p class="house-shown-soon" x-show="!preview">
                A short of the channel is shown here as the style makes it, as soon as one is planned.
            </p>
            <p class="house-shown-soon" x-show="preview && !preview.proof"
                x-text="preview?.problem ?? 'Its pictures are being made.'"></p>
            <div class="house-frames" x-ref="frames" x-show="preview?.proof">
                @foreach (['At the hook', 'In the middle', 'At the close'] as $number => $when)
                    <button type="button" class="house-frame" :class="large === {{ $number }} && 'is-large'"
                        @click="large = {{ $number }}" aria-label="{{ $when }}" title="{{ $when }}">
                        <span class="stage" style="aspect-ratio: 9 / 16"
                            :style="`aspect-ratio: ${preview?.shape[0]} / ${preview?.shape[1]}`">
                            <video muted playsinline preload="auto"></video>
                            <canvas width="540" height="960" data-draws></canvas>
                            <span class="stage-line" hidden></span>
                        </span>
                    </button>
                @endforeach
                <div class="house-logo-place stage" x-show="preview?.logo" x-cloak>
                    <button type="button" class="house-logo" :class="held && 'is-held'" :style="logoStyle()"
                        aria-label="The logo: drag it, or move it by the arrow keys"
                        title="Drag the logo to its place" @pointerdown.prevent="$el.focus(); takeLogo($event)"
                        @keydown.left.prevent="stepLogo(-1, 0)" @keydown.right.prevent="stepLogo(1, 0)"
                        @keydown.up.prevent="stepLogo(0, -1)" @keydown.down.prevent="stepLogo(0, 1)"
                        ><img :src="preview?.logo?.picture" alt=""></button>
                </div>
            </div>
            <p class="quiet" role="status" x-show="preview?.proof"
                x-text="preview?.problem ?? (working ? 'Its pictures are being made anew.' : '')"></p>
        </aside>
    </div>
</section>
@endsection
