@extends('layouts.app')
@section('title', 'Voices')
@section('content')
<div x-data="voices('{{ route('voices.say') }}')">
    <div class="page-head">
        <div>
            <h1>Voices</h1>
            <p class="lead">{{ count($voices) }} voices. Type a sentence and hear it by any of them.</p>
        </div>
        <div class="actions">
            @if (session('saved'))<span class="state state-ready" role="status">saved</span>@endif
        </div>
    </div>
    <p class="notice notice-problem" role="alert" x-show="problem" x-text="problem" x-cloak></p>
    <div class="acts">
        <input class="form-control form-control-sm voices-text" maxlength="300" x-model="text" placeholder="For eleven years, one lighthouse guided no ships at all." aria-label="A sentence to hear" data-key="t" data-key-does="Type a sentence">
        <label class="acts-what" for="say-speed">Speed</label>
        <input id="say-speed" type="number" min="60" max="180" step="5" class="form-control form-control-sm voices-speed" x-model="speed"> %
        <span class="acts-gap"></span>
        @foreach (['language' => 'Language', 'accent' => 'Accent', 'register' => 'Pitch'] as $by => $name)
            <select class="form-select form-select-sm" x-model="{{ $by }}" aria-label="{{ $name }}">
                <option value="">{{ $name }}: any</option>
                @foreach (array_unique(array_map(fn ($voice) => $voice->$by, $voices)) as $value)<option>{{ $value }}</option>@endforeach
            </select>
        @endforeach
    </div>
    <table class="order order-voices">
        <thead><tr><th>Hear</th><th>Voice</th><th>Language</th><th>Accent</th><th>Pitch</th><th class="num">Words a minute</th><th>Word times</th><th>New batches</th></tr></thead>
        <tbody>
        @foreach ($voices as $voice)
            <tr x-show="shows(@js($voice->language), @js($voice->accent), @js($voice->register))">
                <td><button type="button" class="btn btn-sm btn-outline-dark" @click="hear('{{ $voice->id }}', '{{ route('voices.sample', $voice->id) }}')" aria-label="Hear {{ $voice->name }}"><i class="bi bi-play-fill" aria-hidden="true"></i></button></td>
                <td class="what"><b>{{ $voice->name }}</b></td>
                <td>{{ $voice->language }}</td><td>{{ $voice->accent }}</td><td>{{ $voice->register }}</td>
                <td class="num">{{ $voice->rate }}</td>
                <td>{{ $voice->source === App\Gateways\Voices\VoiceEngine::Narrator ? 'told by the engine' : 'found in the sound' }}</td>
                <td>
                    @if (($channel->voice ?: $usual) === $voice->id)
                        <span class="state state-ready">reads them</span>
                    @else
                        <form method="post" action="{{ route('voices.choose') }}">@csrf @method('put')<input type="hidden" name="voice" value="{{ $voice->id }}"><button class="link" aria-label="Let {{ $voice->name }} read new batches">Let it read them</button></form>
                    @endif
                </td>
            </tr>
        @endforeach
        </tbody>
    </table>
    <audio x-ref="player"></audio>
</div>
@endsection
