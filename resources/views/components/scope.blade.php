@props(['control', 'id' => null, 'labelled' => true])
{{-- One setting at one place: its value, and, where it differs from what it inherits, a mark that says so. --}}
<div {{ $attributes->class(['scope', 'is-own' => $control->isOwn]) }} id="{{ $control->name() }}"
    x-data="scope({{ $control->request() }})" data-setting="{{ $control->setting->key }}"
    data-words="{{ $control->words }}">
    @if ($labelled)<span class="scope-label" aria-hidden="true">{{ $control->label }}</span>@endif
    <x-setting-input :setting="$control->setting" :value="$control->value" :$id
        :label="$control->label.' of '.$control->of"
        @change="set($event.target.value)" @split="set($event.detail)"/>
    <details class="scope-from" @click.outside="$el.open = false" @keydown.escape.stop="$el.open = false"
        @pointerenter="hovers($event, true)" @pointerleave="hovers($event, false)">
        <summary aria-label="{{ $control->label }} of {{ $control->of }}: {{ $control->from }}"
            title="{{ ucfirst($control->from) }}"><span>{{ $control->from }}</span></summary>
        <div class="scope-acts">
            @if ($control->isOwn)
                <span>Set here: {{ $control->says }}</span>
                <button type="button" class="link" @click="inherit()">
                    Back to {{ $control->inherited === '' ? 'none' : $control->inherited }}
                </button>
            @else
                <span>{{ ucfirst($control->from) }}: {{ $control->says === '' ? 'none' : $control->says }}</span>
                <button type="button" class="link" @click="here()">Keep it here, whatever changes there</button>
            @endif
            @foreach ($control->wider as $level)
                <button type="button" class="link"
                    @click="whole('{{ $level->value }}')">{{ $control::wholeOf($level) }}</button>
            @endforeach
        </div>
    </details>
</div>
