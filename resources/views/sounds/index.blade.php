@extends('layouts.app')
@section('title', 'Sound')
@section('content')
<div x-data="sounds" @acted="acted($event.detail)">
    <div class="page-head">
        <div>
            <h1>Sound</h1>
            <p class="lead">{{ $page->pieces() }} of music · {{ count($page->effects) }} effects. Music is chosen by
                the mood of a short’s words, unless you choose it for the short or the batch.</p>
        </div>
    </div>
    <p class="told" role="status" x-text="said">{{ session('saved') }}</p>
    <p class="notice notice-problem" role="alert" x-show="problem" x-text="problem" x-cloak></p>
    @foreach (session('refused', []) as $refused)
        <p class="notice notice-problem" role="alert">{{ $refused }}</p>
    @endforeach
    <audio x-ref="player" @ended="playing = ''" @pause="playing = ''"></audio>
    <div class="sounds-cols">
        <section aria-label="Music">
            <form class="acts" method="get" action="{{ route('sounds.index') }}" x-ref="find">
                <h2>Music</h2>
                <span class="acts-gap"></span>
                <select class="form-select form-select-sm" name="mood" aria-label="Show of one mood"
                    @change="$refs.find.submit()">
                    <option value="">Any mood</option>
                    @foreach ($page->moods as $mood => $label)<option value="{{ $mood }}" @selected($mood
                        === $page->asked[1])>{{ ucfirst($label) }}</option>
                    @endforeach
                </select>
                <input type="search" class="form-control form-control-sm" placeholder="Find" aria-label="Find a piece"
                    name="words" value="{{ $page->asked[0] }}" data-key="/" data-key-does="Find a piece">
                <button class="btn btn-sm btn-outline-dark">Find</button>
            </form>
            @if ($page->starts)
                <form method="post" action="{{ route('sounds.starter') }}" class="starters">
                    @csrf
                    <p><b>No music of its own yet.</b> Upload some below, or take the five pieces that ship: one for
                        each mood, free to use in your videos.</p>
                    <button class="btn btn-sm btn-primary">Add the starter music</button>
                </form>
            @endif
            <table class="order">
                <thead><tr><th>Hear</th><th>Piece</th><th>Mood</th><th class="num">Beats a minute</th>
                    <th class="num">Length</th><th class="num">Loudness</th>
                    <th><span class="visually-hidden">Delete</span></th></tr></thead>
                <tbody>
                    @forelse ($page->music as $piece)
                        <tr>
                            <td><button type="button" class="btn btn-sm btn-outline-dark"
                                aria-label="Hear {{ $piece->name }}"
                                @click="hear(@js(route('music.file', $piece)))"
                                ><i class="bi" :class="playing === @js(route('music.file', $piece))
                                    ? 'bi-stop-fill' : 'bi-play-fill'" aria-hidden="true"></i></button></td>
                            <td class="what"><b>{{ $piece->name }}</b></td>
                            <td><select class="form-select form-select-sm" aria-label="Mood of {{ $piece->name }}"
                                @change="set(@js(route('music.update', $piece)), $el.value)"
                                @disabled($piece->channel_id !== $page->channel->id)>
                                @foreach ($page->moods as $mood => $label)
                                    <option value="{{ $mood }}" @selected($mood === $piece->mood)>{{
                                        ucfirst($label) }}</option>
                                @endforeach
                            </select></td>
                            <td class="num">{{ $piece->tempo === null ? '–' : number_format($piece->tempo, 1) }}</td>
                            <td class="num">{{ sprintf('%d:%02d', intdiv($piece->duration_ms, 60000),
                                intdiv($piece->duration_ms % 60000, 1000)) }}</td>
                            <td class="num">{{ str_replace('-', '−', number_format($piece->loudness, 1)) }} LUFS</td>
                            <td>@if ($piece->channel_id === $page->channel->id)
                                @if ($page->hasOthers)
                                    <form method="post" action="{{ route('music.share', $piece) }}">
                                        @csrf @method('put')<button class="link">{{
                                            $piece->shared ? 'Keep to this channel' : 'Share with all channels'
                                        }}</button>
                                    </form>
                                @endif
                                <form method="post" action="{{ route('music.destroy', $piece) }}">
                                    @csrf @method('delete')<button class="link" aria-label="Delete {{
                                        $piece->name }}">Delete</button>
                                </form>@endif</td>
                        </tr>
                    @empty
                        <tr><td colspan="7" class="quiet">{{ $page->asked[2] > 0 ? 'No piece is like that.'
                            : 'None yet: the shorts have the voice alone.' }}</td></tr>
                    @endforelse
                </tbody>
            </table>
            {{ $page->music->links() }}
            <form method="post" action="{{ route('sounds.store') }}" enctype="multipart/form-data" class="sounds-bring">
                @csrf
                <input type="file" name="files[]" multiple required class="form-control form-control-sm"
                    accept=".wav,.mp3,.m4a,.ogg,.flac,audio/*" aria-label="Sound files">
                <select name="mood" class="form-select form-select-sm" aria-label="Mood of what is uploaded">
                    <option value="">Mood by its beat</option>
                    @foreach ($page->moods as $mood => $label)<option value="{{ $mood }}">{{ ucfirst($label) }}</option>
                    @endforeach
                </select>
                <button class="btn btn-sm btn-primary" name="kind" value="music">Upload as music</button>
                <button class="btn btn-sm btn-outline-dark" name="kind" value="effect">Upload as effects</button>
            </form>
            <p class="quiet">WAV, MP3, M4A, OGG or FLAC that you may use. Loudness and beat are measured as it comes
                in.</p>
        </section>
        <section aria-label="Effects">
            <h2>Effects</h2>
            <ul class="effect-list">
                @foreach ($page->effects as $effect)
                    <li>
                        <button type="button" class="btn btn-sm btn-outline-dark"
                            aria-label="Hear {{ $effect['name'] }}"
                            @click="hear(@js(route('effects.file', $effect['id'])))"
                            ><i class="bi bi-play-fill" aria-hidden="true"></i></button>
                        {{ $effect['name'] }}
                        @if ($effect['own']?->channel_id === $page->channel->id)
                            <form method="post" action="{{ route('effects.destroy', $effect['own']) }}">
                                @csrf @method('delete')<button class="link" aria-label="Delete {{
                                    $effect['name'] }}">Delete</button>
                            </form>
                        @endif
                    </li>
                @endforeach
            </ul>
            <h2>Under the voice</h2>
            <div class="scopes sounds-scopes">
                @foreach ($page->controls as $control)<x-scope :$control/>@endforeach
            </div>
        </section>
    </div>
</div>
@endsection
