@props(['control', 'id' => null, 'labelled' => true])
{{-- One setting at one place: its value, where that comes from, and what can be done with it. --}}
<div {{ $attributes->class(['scope', 'is-own' => $control->isOwn]) }} id="{{ $control->name() }}"
    x-data="scope({{ $control->request() }})" data-setting="{{ $control->setting->key }}">
    @if ($labelled)<span class="scope-label" aria-hidden="true">{{ $control->label }}</span>@endif
    <x-setting-input :setting="$control->setting" :value="$control->value" :$id
        :label="$control->label.' of '.$control->of"
        @change="set($event.target.value)" @split="set($event.detail)"/>
    <details class="scope-from" @click.outside="$el.open = false" @keydown.escape.stop="$el.open = false">
        <summary aria-label="{{ $control->label }} of {{ $control->of }}: {{ $control->from }}">{{
            $control->from
        }}</summary>
        <div class="scope-acts">
            @if ($control->isOwn)
                <button type="button" class="link" @click="inherit()">
                    Back to the inherited one: {{ $control->inherited }}
                </button>
            @else
                <button type="button" class="link" @click="here()">Set here: {{ $control->says }}</button>
            @endif
            @foreach ($control->wider as $level)
                <button type="button" class="link"
                    @click="whole('{{ $level->value }}')">{{ $control::wholeOf($level) }}</button>
            @endforeach
        </div>
    </details>
</div>
