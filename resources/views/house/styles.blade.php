@extends('layouts.app')
@section('title', 'Caption styles')
@section('content')
@php($short = $page->short)
<div x-data="styles(@js([
    'channel' => $page->channel->id, 'short' => $short?->id, 'pictures' => array_values($page->pictures),
]))" @acted="acted($event.detail)">
    <div class="page-head">
        <div>
            <p class="crumb"><a href="{{ route('house') }}">House style</a>@if ($short !== null) /
                <a href="{{ route('captions.show', $short) }}">Captions of {{
                    sprintf('%02d', $short->number) }} {{ $short->title }}</a>@endif</p>
            <h1>Caption styles</h1>
            <p class="lead">{{ $page->pictures === []
                ? 'As they will be burned. Open the captions of a short to see them on its own pictures.'
                : 'As they will be burned, on the darkest, the brightest and the busiest picture behind a caption of “'
                    .$short->title.'”.' }}</p>
        </div>
    </div>
    <p class="told" role="status" x-text="said"></p>
    <p class="notice notice-problem" role="alert" x-show="problem" x-text="problem" x-cloak></p>
    @if (session('saved'))<p class="notice" role="status">{{ session('saved') }}</p>@endif
    @if (session('problem') === null && $errors->any())
        <p class="notice notice-problem" role="alert">{{ $errors->first() }}</p>
    @endif
    <ol class="style-list">
        @foreach ($page->cards as $card)
            <li @class(['style-row', 'is-used' => $card->isUsed]) data-script="{{ $card->script }}"
                data-faces="{{ json_encode($card->faces) }}" data-style="{{ $card->id }}">
                <div class="style-name">
                    <h2>{{ ucfirst($card->name) }}</h2>
                    @if ($card->isOwn)<span class="quiet">of the channel’s own</span>@endif
                    @if ($card->isUsed)<span class="state state-ready">in use</span>@endif
                    <div class="style-acts">
                        @if ($short !== null)
                            <button type="button" class="btn btn-sm btn-outline-dark"
                                @click="use('{{ $card->id }}', 'short')">Use for this short</button>
                        @endif
                        <button type="button" class="link" @click="use('{{ $card->id }}', 'channel')">Use for the
                        channel</button>
                        @if ($card->isOwn)
                            <button type="button" class="link"
                                @click="drop('{{ route('styles.destroy', $card->id) }}')">Delete</button>
                        @endif
                    </div>
                </div>
                @foreach (['dark' => 'darkest', 'bright' => 'brightest', 'busy' => 'busiest'] as $kind => $says)
                    <figure class="style-shot style-{{ $kind }}">
                        @if (isset($page->pictures[$kind]))<img src="{{ $page->pictures[$kind] }}" alt="">@endif
                        <canvas width="432" height="768" role="img"
                            aria-label="{{ $card->name }} on the {{ $says }} picture"></canvas>
                    </figure>
                @endforeach
            </li>
        @endforeach
    </ol>
    <canvas x-ref="drawn" class="style-drawn" width="432" height="768" aria-hidden="true"></canvas>
    <section class="house-lists">
        <div>
            <h2>Typefaces of the channel’s own</h2>
            <ul class="plain-list">
                @forelse ($page->faces as $face)
                    <li>{{ $face->name }}
                        @if ($face->channel_id === $page->channel->id)
                            <form method="post" action="{{ route('faces.destroy', $face) }}">
                                @csrf @method('delete')<button class="link">Delete</button>
                            </form>
                        @endif
                    </li>
                @empty
                    <li class="quiet">None yet.</li>
                @endforelse
            </ul>
            <x-upload-form :to="route('faces.store')" name="face" accept=".ttf,.otf"
                label="TTF or OTF file">Upload a typeface</x-upload-form>
            <p class="quiet">A TTF or OTF file that you may use in videos. It stands under “Typeface” then.</p>
        </div>
    </section>
</div>
@endsection
