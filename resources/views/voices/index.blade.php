@extends('layouts.app')
@section('title', 'Voices')
@section('content')
<div x-data="voices('{{ route('voices.say') }}')" @acted="acted($event.detail)">
    <div class="page-head">
        <div>
            <h1>Voices</h1>
            <p class="lead">{{ count($voices) }} voices. Type a sentence and hear it by any of them. “Plain” ones are
                understood, and have somebody who speaks the language listen first. Others, such as Japanese, Korean,
                Chinese, Thai and Hebrew, need a voice service.</p>
        </div>
    </div>
    @if ($outside !== null)<p class="notice notice-problem" role="alert">{{ $outside }}</p>@endif
    <p class="notice notice-problem" role="alert" x-show="problem" x-text="problem" x-cloak></p>
    <div class="acts">
        <input class="form-control form-control-sm voices-text" maxlength="300" x-model="text"
            aria-label="A sentence to hear"
            placeholder="For eleven years, one lighthouse guided no ships at all." data-key="t"
            data-key-does="Type a sentence">
        <label class="acts-what" for="say-speed">Speed</label>
        <input id="say-speed" inputmode="numeric" class="form-control form-control-sm setting-number" x-model="speed"> %
        <span class="acts-gap"></span>
        @foreach (['languageName' => 'Language', 'accent' => 'Accent', 'register' => 'Pitch'] as $by => $name)
            @php($values = array_unique(array_map(
                fn ($voice) => $by === 'languageName' ? $voice->languageName() : $voice->$by,
                $voices,
            )))
            <select class="form-select form-select-sm" x-model="{{ $by === 'languageName' ? 'language' : $by }}"
                aria-label="{{ $name }}">
                <option value="">{{ $name }}: any</option>
                @foreach ($values as $value)<option>{{ $value }}</option>@endforeach
            </select>
        @endforeach
    </div>
    <table class="order order-voices">
        <thead>
            <tr>
                <th>Hear</th><th>Voice</th><th>Language</th><th>Accent</th><th>Pitch</th>
                <th class="num">Words a minute</th>
                <th>Word times</th><th>House style</th>
            </tr>
        </thead>
        <tbody>
        @foreach ($voices as $voice)
            <tr x-show="shows(@js($voice->languageName()), @js($voice->accent), @js($voice->register))">
                <td>
                    <button type="button" class="btn btn-sm btn-outline-dark" aria-label="Hear {{ $voice->name }}"
                        @click="hear(@js($voice->id), @js($voice->source->isOutside() ? ''
                            : route('voices.sample', $voice->id)), @js($voice->sample()))"
                        ><i class="bi bi-play-fill" aria-hidden="true"></i></button>
                </td>
                <td class="what"><b>{{ $voice->name }}</b></td>
                <td>{{ $voice->languageName() }}</td><td>{{ $voice->accent }}</td><td>{{ $voice->register }}</td>
                <td class="num">{{ $voice->speaker->rate }}</td>
                <td>{{ $voice->tellsWordTimes() ? 'told by the engine' : 'found, where it tells none' }}</td>
                <td>
                    @if ($chosen === $voice->id)
                        <span class="state state-ready">reads</span>
                    @else
                        @php($body = [
                            'channel' => $channel->id, 'level' => 'channel', 'ids' => [$channel->id],
                            'key' => 'voice', 'value' => $voice->id,
                        ])
                        <button type="button" class="link" data-do="{{ route('settings') }}" data-method="PUT"
                            data-body="{{ json_encode($body) }}"
                            aria-label="Let {{ $voice->name }} read the channel">Let it read the channel</button>
                    @endif
                </td>
            </tr>
        @endforeach
        </tbody>
    </table>
    <audio x-ref="player"></audio>
</div>
@endsection
