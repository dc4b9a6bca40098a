@extends('layouts.app')
@section('title', $batch->name)
@section('content')
<div class="rundown" x-data="rundown({ state: '{{ route('batches.state', $batch) }}', act: '{{ route('batches.act', $batch) }}', undo: '{{ route('batches.undo', $batch) }}' }, @js(['working' => $working, 'asOf' => $asOf, 'undo' => $undo, 'ids' => $ids]))" @acted="acted($event.detail)">
    <div class="page-head">
        <div>
            <p class="crumb"><a href="{{ route('batches.index') }}">Batches</a> / {{ $batch->created_at->format('j F Y, H:i') }}</p>
            <h1>{{ $batch->name }}</h1>
            <p class="lead" x-ref="counts">@include('batches._counts')</p>
        </div>
        <div class="actions">
            <form method="post" action="{{ route('batches.export', $batch) }}">
                @csrf
                <template x-for="id in chosen" :key="id"><input type="hidden" name="shorts[]" :value="id"></template>
                <span class="actions-what">For <b x-text="what">all</b>:</span>
                <button class="btn btn-outline-dark" name="quality" value="draft" data-key="d" data-key-does="Draft of the chosen, or of all">Draft</button>
                <button class="btn btn-outline-dark" name="quality" value="final" data-key="e" data-key-does="Export the chosen, or all">Export</button>
                <button class="btn btn-outline-dark" formaction="{{ route('batches.cancel', $batch) }}" x-show="working" data-key="s" data-key-does="Stop what is being made">Stop</button>
                <a class="btn btn-outline-dark" data-key="i" data-key-does="Briefs of the chosen, or of all, as a ZIP" :href="'{{ route('batches.briefs', $batch) }}?' + query()">Briefs</a>
                <a class="btn btn-primary" data-key="z" data-key-does="Download the chosen, or all, as a ZIP" :href="'{{ route('batches.download', $batch) }}?' + query()">Download ZIP</a>
            </form>
        </div>
    </div>
    <div class="acts" role="group" aria-label="Change the chosen shorts, or all">
        <select class="form-select form-select-sm" x-model="show" @change="arrange()" aria-label="Show" data-key="g" data-key-does="Which are shown">
            <option value="">All shorts</option>
            <option value="flagged">Flagged</option>
            <option value="over">Over the limit</option>
            <option value="late">Late hook</option>
            <option value="open">Not ready</option>
            <option value="ready">Ready</option>
            <option value="failed">Failed</option>
        </select>
        <input type="search" class="form-control form-control-sm" x-model="words" @input="arrange()" placeholder="Find a title" aria-label="Find a title" data-key="/" data-key-does="Find a title">
        <span class="acts-what">Set for <b x-text="what">all</b></span>
        <select class="form-select form-select-sm" x-model="setting" aria-label="What to set">
            <option value="voice">Voice</option>
            <option value="profile">Target</option>
            <option value="split">Scenes</option>
            <option value="speed">Speed</option>
            <option value="pause">Pause</option>
            <option value="dead_air">Dead air</option>
        </select>
        <select class="form-select form-select-sm" x-ref="voice" x-show="setting === 'voice'" aria-label="Voice">
            @foreach ($voices as $voice)<option value="{{ $voice->id }}">{{ $voice->name }}, {{ $voice->language === 'English' ? $voice->accent : $voice->language }}</option>@endforeach
        </select>
        <select class="form-select form-select-sm" x-ref="profile" x-show="setting === 'profile'" x-cloak aria-label="Target">
            @foreach (RapidReel\Publish\TargetProfile::cases() as $profile)<option value="{{ $profile->value }}">{{ $profile->label() }}</option>@endforeach
        </select>
        <span x-show="setting === 'split'" x-cloak><x-split-choice id="split-all" x-ref="split" aria-label="Scenes"/></span>
        @foreach (['speed' => ['Speed in percent', 60, 180, 5, 100, '%'], 'pause' => ['Pause between scenes in ms; empty for the usual', 0, 3000, 20, '', 'ms'], 'dead_air' => ['What dead air is cut to in ms; empty leaves it', 0, 3000, 20, 120, 'ms']] as $what => [$name, $min, $max, $step, $usual, $unit])
            <span x-show="setting === '{{ $what }}'" x-cloak class="split-own"><input type="number" class="form-control form-control-sm voices-speed" x-ref="{{ $what }}" min="{{ $min }}" max="{{ $max }}" step="{{ $step }}" value="{{ $usual }}" aria-label="{{ $name }}"> {{ $unit }}</span>
        @endforeach
        <button type="button" class="btn btn-sm btn-outline-dark" @click="set()" :disabled="busy">Set</button>
        <span class="acts-gap"></span>
        <button type="button" class="btn btn-sm btn-outline-dark" @click="act('trim')" :disabled="busy" data-key="t" data-key-does="Trim the chosen, or all, to length">Trim to length</button>
        <button type="button" class="btn btn-sm btn-outline-dark" @click="act('match')" :disabled="busy" data-key="m" data-key-does="Match pictures anew">Match pictures</button>
        <button type="button" class="btn btn-sm btn-outline-dark" @click="act('copy')" :disabled="busy || !chosen.length" data-key="c" data-key-does="Copy the chosen">Copy</button>
        <button type="button" class="btn btn-sm btn-outline-dark" @click="act('delete')" :disabled="busy || !chosen.length" data-key="delete" data-key-does="Delete the chosen; it can be undone">Delete</button>
    </div>
    <p class="told" role="status"><span x-text="said"></span><button type="button" class="link" x-show="undo" x-cloak @click="takeBack()" :disabled="busy" data-key="u" data-key-does="Undo the last change">Undo: <span x-text="undo"></span></button></p>
    <p class="notice notice-problem" role="alert" x-show="problem" x-text="problem" x-cloak></p>
    <table class="order order-rows">
        <thead>
            <tr>
                <th class="tick"><input type="checkbox" class="form-check-input" aria-label="Choose all shown" data-key="a" data-key-does="Choose all shown, or none" x-ref="all" @change="all($event)"></th>
                @foreach ([['number', 'No.', 'number'], ['title', 'Short', 'what']] as [$by, $name, $class])
                    <th class="col-{{ $class }}" :aria-sort="order('{{ $by }}')"><button type="button" class="sort" @click="sort('{{ $by }}')">{{ $name }}</button></th>
                @endforeach
                <th class="axis"><span class="axis-line" aria-hidden="true"><i>0</i>@foreach ($axis->marks() as $mark)<i style="left: {{ $mark['at'] }}%">{{ $mark['says'] }}</i>@endforeach</span><span class="visually-hidden">Cut on a common axis of seconds</span></th>
                @foreach ([['length', 'Length'], ['hook', 'Hook'], ['pace', 'Words/s'], ['shot', 'Shot']] as [$by, $name])
                    <th class="num" :aria-sort="order('{{ $by }}')"><button type="button" class="sort" @click="sort('{{ $by }}')">{{ $name }}</button></th>
                @endforeach
                <th class="how" :aria-sort="order('state')"><button type="button" class="sort" @click="sort('state')">State</button></th>
                <th class="files"><span class="visually-hidden">Files</span></th>
            </tr>
        </thead>
        <tbody x-ref="rows" @click="clicked($event)" @change="ticked($event)" @keydown="key($event)">@foreach ($rows as $row)@include('batches._row')@endforeach</tbody>
    </table>
    <p class="quiet keys-hint"><kbd>↓</kbd> <kbd>↑</kbd> go · <kbd>Space</kbd> choose · <kbd>Shift</kbd> <kbd>↓</kbd> choose a range · <kbd>→</kbd> open here · <kbd>Enter</kbd> to the short · <kbd>?</kbd> all keys</p>
    <p class="empty-title" x-show="none" x-cloak>No short is like that.</p>
</div>
@endsection
