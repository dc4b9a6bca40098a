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
</div>
@if (is_string(session('saved')))<p class="notice" role="status">{{ session('saved') }}</p>@endif
@if ($brought !== null)
    <p @class(['notice', 'notice-problem' => $brought['state'] === 'failed']) role="status">{{ $brought['said'] }}</p>
    @foreach ($brought['problems'] as $problem)
        <p class="notice notice-problem" role="alert">{{ $problem }}</p>
    @endforeach
@endif
<section class="house-settings" aria-label="Settings" x-data="house(@js([
    'state' => route('house.state'), 'undo' => route('house.undo'), 'redo' => route('house.redo'),
]), @js($state->toArray()))"
    @acted="acted($event.detail)">
    <x-told/>
    <div class="house-cols">
        <div x-ref="settings">@include('house._settings')</div>
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
            </div>
            <p class="quiet" role="status" x-show="preview?.proof"
                x-text="preview?.problem ?? (working ? 'Its pictures are being made anew.' : '')"></p>
        </aside>
    </div>
    <div x-ref="apply">@include('house._apply')</div>
    @if ($house->patterns !== [])
        <h2>Patterns</h2>
        <ul class="pattern-list">
            @foreach ($house->patterns as $pattern)
                <li>{{ $pattern->name }}
                    <span class="quiet">{{ count($pattern->settings->own) }} set</span>
                    <form method="post" action="{{ route('patterns.destroy', $pattern) }}">
                        @csrf @method('delete')
                        <button class="link" aria-label="Drop the pattern {{ $pattern->name }}">Drop</button>
                    </form>
                </li>
            @endforeach
        </ul>
    @endif
</section>
<form method="post" action="{{ route('house.update') }}" class="house">
    @csrf @method('put')
    @if ($errors->any())
        <p class="notice notice-problem" role="alert">{{ $errors->first() }}</p>
    @endif
    <label for="name">Channel</label>
    <div>
        <input id="name" name="name" class="form-control" maxlength="80" value="{{ old('name', $channel->name) }}"
            required>
        <p class="quiet">A hook that begins with it is told so: a name holds nobody.</p>
    </div>
    <label for="style_words">Style words</label>
    <div>
        <input id="style_words" name="style_words" class="form-control" maxlength="400"
            value="{{ old('style_words', $channel->style_words) }}"
            placeholder="oil painting, lamplight, deep shadows, muted blue and amber">
        <p class="quiet">They stand at the end of every brief, so that all pictures share one look.</p>
    </div>
    <label for="figures">Figures</label>
    <div>
        <textarea id="figures" name="figures" class="form-control" rows="3" maxlength="8000"
            placeholder="the keeper = a lean man of sixty, white beard, blue cap">{{
                old('figures', $channel->figures)
            }}</textarea>
        <p class="quiet">Who or what comes again, an equals sign, and how it looks; one a line. Every brief that names
        one tells it in these words, so that it looks the same each time.</p>
    </div>
    <label for="views">Views</label>
    <div>
        <input id="views" name="views" class="form-control" maxlength="400" value="{{ old('views', $channel->views) }}"
            placeholder="{{ implode(', ', RapidReel\Plan\Brief\BriefWriter::VIEWS) }}">
        <p class="quiet">From where the shots of one scene show it, one after the other, with commas between.</p>
    </div>
    <label for="forbidden">Not to be shown</label>
    <div>
        <textarea id="forbidden" name="forbidden" class="form-control" rows="4" maxlength="4000"
            placeholder="One word or name a line">{{ old('forbidden', $channel->forbidden) }}</textarea>
        <p class="quiet">A brief that holds one of these words or names is flagged.</p>
    </div>
    <label for="pronunciations">How to say it</label>
    <div>
        <textarea id="pronunciations" name="pronunciations" class="form-control" rows="4" maxlength="4000"
            placeholder="Josse = Yossa&#10;HMS = Her Majesty's Ship">{{
                old('pronunciations', $channel->pronunciations)
            }}</textarea>
        <p class="quiet">What is written, an equals sign, and how the voices say it; one a line. Captions show what is
        written.</p>
    </div>
    <div class="house-save">
        <button class="btn btn-primary">Save the words</button>
        @if (session('saved'))<span class="state state-ready" role="status">saved</span>@endif
    </div>
</form>
<section class="house-lists" id="channels">
    <div>
        <h2>Channels</h2>
        <ul class="plain-list">
            @foreach ($house->channels as $one)
                <li>
                    @if ($one->id === $channel->id)
                        <b>{{ $one->name }}</b> <span class="quiet">this one</span>
                    @else
                        <form method="post" action="{{ route('channels.enter', $one) }}">
                            @csrf<button class="link">{{ $one->name }}</button>
                        </form>
                    @endif
                </li>
            @endforeach
        </ul>
        <form method="post" action="{{ route('channels.store') }}" class="channel-new">
            @csrf
            <input name="name" class="form-control form-control-sm" maxlength="80" placeholder="Name of another channel"
                aria-label="Name of another channel" required>
            <button class="btn btn-sm btn-outline-dark">New channel</button>
        </form>
        <p class="quiet">Each has its own batches, footage, music and house style.</p>
    </div>
    <div>
        <h2>Colour tables</h2>
        <ul class="plain-list">
            @forelse ($house->tables as $table)
                <li>{{ $table->name }}
                    @if ($table->channel_id === $channel->id)
                        <form method="post" action="{{ route('tables.destroy', $table) }}">
                            @csrf @method('delete')<button class="link">Take away</button>
                        </form>
                    @endif
                </li>
            @empty
                <li class="quiet">None yet.</li>
            @endforelse
        </ul>
        <form method="post" action="{{ route('tables.store') }}" enctype="multipart/form-data" class="channel-new">
            @csrf
            <input type="file" name="table" class="form-control form-control-sm" accept=".cube"
                aria-label="File with a colour table" required>
            <button class="btn btn-sm btn-outline-dark">Bring a colour table</button>
        </form>
        <p class="quiet">A .cube file of three dimensions. It stands under “Colour table” then.</p>
    </div>
    <div>
        <h2>As a file</h2>
        <p><a class="btn btn-sm btn-outline-dark" href="{{ route('house.pack') }}">Export the house style</a></p>
        <form method="post" action="{{ route('house.unpack') }}" enctype="multipart/form-data" class="channel-new">
            @csrf
            <input type="file" name="house" class="form-control form-control-sm" accept=".zip"
                aria-label="ZIP of a house style" required>
            <button class="btn btn-sm btn-outline-dark">Import</button>
        </form>
        <p class="quiet">Settings, words, logos, faces and colour tables. Music is not in it.</p>
    </div>
    <details class="history">
        <summary>What was changed</summary>
        <ol id="house-history">@include('history._list', ['history' => $state->page->history])</ol>
    </details>
</section>
@endsection
