@props(['type', 'id' => null, 'name' => null, 'value' => '', 'label' => '', 'inherit' => null])
{{-- Any of several: a line that says which, and opens into boxes to tick. --}}
@php($says = $inherit ?? $type->says((string) $value))
<details x-data="severalChoice(@js($type->ids((string) $value)), @js($inherit !== null), @js($type->of->options))"
    {{ $attributes->class('several-choice') }} @click.outside="$el.open = false"
    @keydown.escape.stop="$el.open = false">
    <summary class="form-select form-select-sm" @if ($id) id="{{ $id }}" @endif aria-label="{{ $label }}"
        x-text="says ?? @js($says)">{{ $says }}</summary>
    <span class="several-boxes" role="group" aria-label="{{ $label }}: which">
        @foreach ($type->of->options as $key => $says)
            <label><input type="checkbox" value="{{ $key }}" x-model="chosen" @change.stop="told()"> {{ $says }}</label>
        @endforeach
    </span>
    <input type="hidden" @if ($name) name="{{ $name }}" @endif :value="value" data-rule>
</details>
