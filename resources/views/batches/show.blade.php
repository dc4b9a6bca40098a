@extends('layouts.app')
@section('title', $page->batch->name)
@section('content')
@php($batch = $page->batch)
@php($urls = [
    'state' => route('batches.state', $batch), 'act' => route('batches.act', $batch),
    'undo' => route('batches.undo', $batch), 'redo' => route('batches.redo', $batch),
    'briefs' => route('batches.briefs', $batch), 'download' => route('batches.download', $batch),
    'settings' => route('settings'), 'field' => route('batches.field', [$batch, 'KEY']),
    'pace' => route('batches.pace', $batch), 'versions' => route('versions.batch', $batch),
])
@php($now = [...$rundown->state->toArray(), 'asOf' => $rundown->isWhole() ? $asOf : 0,
    'isWhole' => $rundown->isWhole(), 'ids' => $rundown->ids, 'channel' => $batch->channel_id,
    'batch' => $batch->id, 'counts' => $rundown->counts, 'next' => $rundown->next,
    'setting' => head(head($page->forChosen))->key, 'settingName' => head(head($page->forChosen))->label])
<div class="rundown" x-data="rundown(@js($urls), @js($now))" @acted="acted($event.detail)">
    <div class="page-head">
        <div>
            <p class="crumb"><a href="{{ route('batches.index') }}">Batches</a>
                / {{ $batch->created_at->format('j F Y, H:i') }}
            </p>
            <h1>{{ $batch->name }}</h1>
            <div x-ref="head">@include('batches._head')</div>
        </div>
        <div class="actions">
            <form method="post" action="{{ route('batches.export', $batch) }}">
                @csrf
                <template x-for="id in chosen" :key="id"><input type="hidden" name="shorts[]" :value="id"></template>
                <span class="actions-what">For <b x-text="what">all</b>:</span>
                <a class="btn btn-outline-dark" data-key="p" data-key-does="Pace of all shorts of the batch"
                    href="{{ route('pace.show', $batch) }}">Pace</a>
                <a class="btn btn-outline-dark" data-key="r" data-key-does="Review all shorts of the batch"
                    href="{{ route('review.show', $batch) }}">Review</a>
                <a class="btn btn-outline-dark" data-key="o" data-key-does="The queue of what is exported"
                    href="{{ route('queue.show', $batch) }}">Queue</a>
                <a class="btn btn-outline-dark" data-key="x" data-key-does="What leaves of the batch, and when"
                    href="{{ route('outbox.show', $batch) }}">Outbox</a>
                <a class="btn btn-outline-dark" data-key="i" data-key-does="Briefs of the chosen, or of all, as a ZIP"
                    :href="`${urls.briefs}?${query()}`">Briefs</a>
                <button type="button" class="btn btn-outline-dark" @click="act('hooks')" :disabled="busy"
                    title="A short of its own for each hook that is kept to be tried"
                    data-key-does="Make a short of each kept hook of the chosen, or of all">Try hooks</button>
                <button class="btn btn-outline-dark" formaction="{{ route('batches.cancel', $batch) }}" x-show="working"
                    data-key="s" data-key-does="Stop what is being made">Stop</button>
                <button class="btn btn-outline-dark" name="quality" value="draft" data-key="d"
                    data-key-does="Draft of the chosen, or of all">Draft</button>
                <button class="btn" :class="next === 'export' ? 'btn-primary' : 'btn-outline-dark'" name="quality"
                    value="final"
                    data-key="e" data-key-does="Export the chosen, or all">Export</button>
                <a class="btn" :class="next === 'download' ? 'btn-primary' : 'btn-outline-dark'" x-show="downloadable"
                    data-key="z"
                    data-key-does="Download what is finished of the chosen, or of all, as a ZIP"
                    :href="`${urls.download}?${query()}`"
                    >Download ZIP</a>
            </form>
            <p class="actions-left" x-show="left" x-cloak>
                <span x-text="left"></span>
                <a :href="`${urls.download}?all=1&${query()}`"
                    x-text="downloadable ? 'Take them along, named so' : 'Download them, named so'"></a>
            </p>
        </div>
    </div>
    <div class="acts acts-rundown" :class="acting && 'is-open'" role="group"
        aria-label="Change the chosen shorts, or all">
        <select class="form-select form-select-sm" x-model="show" @change="arrange()" aria-label="Show" data-key="g"
            data-key-does="Which are shown">
            @foreach (['' => 'All shorts', 'flagged' => 'Flagged', 'over' => 'Over the limit', 'late' => 'Late hook',
                'open' => 'Not ready', 'ready' => 'Ready', 'failed' => 'Failed'] as $group => $name)
                <option value="{{ $group }}">{{ $name }}</option>
            @endforeach
        </select>
        <input type="search" class="form-control form-control-sm" x-model="words" @input="arrange()"
            placeholder="Find"
            aria-label="Find a title" data-key="/" data-key-does="Find a title">
        <button type="button" class="btn btn-sm btn-outline-dark acts-open" @click="acting = !acting"
            :aria-expanded="acting">Change…</button>
        <span class="acts-what">Set for <b x-text="chosen.length ? what : 'the batch'">the batch</b></span>
        @php($first = head(head($page->forChosen)))
        <details class="setting-choice" x-ref="choice" data-found-in @click.outside="$el.open = false"
            @keydown.escape="$el.open = false" @toggle="$el.open && $el.querySelector('input').focus()">
            <summary class="form-select form-select-sm" aria-label="What to set">
                <span x-text="settingName">{{ $first->label }}</span></summary>
            <div class="setting-choice-list">
                <x-finder :data-key="false" :data-key-does="false"/>
                <p class="quiet" data-found-nothing hidden>No setting has these words.</p>
                <div class="setting-choice-parts">@foreach ($page->forChosen as $section => $settings)
                    <div data-section>
                        <h3>{{ $section }}</h3>
                        @foreach ($settings as $one)
                            <button type="button" class="link" data-words="{{ $one->words() }}"
                                data-chooses="{{ $one->key }}" @click="chooseSetting($el)">{{ $one->label }}</button>
                        @endforeach
                    </div>
                @endforeach</div>
            </div>
        </details>
        <span x-ref="field" class="acts-value"><x-setting-input :setting="$first" :value="$first->default"/></span>
        <button type="button" class="btn btn-sm btn-outline-dark" @click="set()" :disabled="busy">Set</button>
        <button type="button" class="link" @click="set(true)" :disabled="busy || !chosen.length" x-show="chosen.length"
            x-cloak
            >as inherited</button>
        @if ($page->patterns !== [])
            <select class="form-select form-select-sm" aria-label="Apply a pattern" :disabled="busy"
                @change="$el.value && act('pattern', $el.value); $el.value = ''">
                <option value="">Apply a pattern…</option>
                @foreach ($page->patterns as $pattern)
                    <option value="{{ $pattern->id }}">{{ $pattern->name }}</option>
                @endforeach
            </select>
        @endif
        <span class="acts-gap"></span>
        <button type="button" class="btn btn-sm btn-outline-dark" @click="act('trim')" :disabled="busy" data-key="t"
            data-key-does="Trim the chosen, or all, to length">Trim to length</button>
        <button type="button" class="btn btn-sm btn-outline-dark" @click="openLength()" :disabled="busy" data-key="l"
            data-key-does="Bring the chosen, or all, to a length">Length…</button>
        <a class="btn btn-sm btn-outline-dark" data-key="y" data-key-does="The chosen, or all, in other languages"
            :href="`${urls.versions}?${query()}`">Languages</a>
        <button type="button" class="btn btn-sm btn-outline-dark" @click="act('mend')" :disabled="busy"
            title="All that the review found in the chosen, or in all, and that can be mended at a press"
            data-key-does="Mend what the review found">Mend</button>
        <button type="button" class="btn btn-sm btn-outline-dark" @click="act('match')" :disabled="busy" data-key="m"
            title="Match pictures again" data-key-does="Match pictures again">Match</button>
        <button type="button" class="btn btn-sm btn-outline-dark" @click="act('pictures')"
            :disabled="busy || !chosen.length"
            data-key-does="Have pictures made for the chosen">Make pictures</button>
        <button type="button" class="btn btn-sm btn-outline-dark" @click="act('copy')"
            :disabled="busy || !chosen.length"
            data-key="c" data-key-does="Copy the chosen">Copy</button>
        <button type="button" class="btn btn-sm btn-outline-dark" @click="act('delete')"
            :disabled="busy || !chosen.length"
            data-key="delete" data-key-does="Delete the chosen; it can be undone">Delete</button>
    </div>
    @if (session('saved'))<p class="notice" role="status">{{ session('saved') }}</p>@endif
    <x-told/>
    <table class="order order-rows">
        <thead>
            <tr>
                <th class="tick">
                    <input type="checkbox" class="form-check-input" aria-label="Choose all shown" data-key="a"
                        data-key-does="Choose all shown, or none" x-ref="all" @change="all($event)">
                </th>
                @foreach ([['number', 'No.', 'number'], ['title', 'Short', 'what']] as [$by, $name, $class])
                    <th class="col-{{ $class }}" :aria-sort="order('{{ $by }}')">
                        <button type="button" class="sort" @click="sort('{{ $by }}')">{{ $name }}</button>
                    </th>
                @endforeach
                <th class="axis">
                    <span class="axis-line" aria-hidden="true"><i>0</i>@foreach ($rundown->axis->marks() as $mark)<i
                        style="left: {{ $mark['at'] }}%">{{ $mark['says'] }}</i>@endforeach</span>
                    <span class="visually-hidden">Cut on a common axis of seconds</span>
                </th>
                @php($orders = ['length' => 'Length', 'hook' => 'Hook', 'pace' => 'Words/s', 'shot' => 'Shot'])
                @foreach ($orders as $by => $name)
                    <th class="num" :aria-sort="order('{{ $by }}')">
                        <button type="button" class="sort" @click="sort('{{ $by }}')">{{ $name }}</button>
                    </th>
                @endforeach
                <th class="how" :aria-sort="order('state')">
                    <button type="button" class="sort" @click="sort('state')">State</button>
                </th>
                <th class="files"><span class="visually-hidden">Files</span></th>
            </tr>
        </thead>
        <tbody x-ref="rows" @click="clicked($event)" @change="ticked($event)" @keydown="key($event)">
            @foreach ($rundown->first() as $row)@include('batches._row')@endforeach
        </tbody>
    </table>
    <p class="quiet keys-hint">
        <kbd>↓</kbd> <kbd>↑</kbd> go · <kbd>Space</kbd> choose · <kbd>Shift</kbd> <kbd>↓</kbd> choose a range ·
        <kbd>→</kbd> open here · <kbd>Enter</kbd> to the short · <kbd>?</kbd> all keys
    </p>
    <p class="empty-title" x-show="none" x-cloak>No short is like that.</p>
    @include('pace._bring', ['limits' => $page->limits])
    <x-below what="Settings of the batch" :history="$rundown->state->history" level="batch" :of="$page->batch->id"
        :own="count($page->batch->settings->own)"/>
</div>
@endsection
