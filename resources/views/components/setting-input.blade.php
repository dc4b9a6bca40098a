@props(['setting', 'value' => '', 'id' => null, 'name' => null, 'label' => null, 'inherit' => null])
{{-- The field that a setting is typed or chosen in; $inherit stands for "as inherited", where that can be chosen. --}}
@php($type = $setting->type)
@php($label ??= $setting->label)
@if ($type instanceof RapidReel\Plan\Settings\Type\ChoiceType)
    <select class="form-select form-select-sm" @if ($id) id="{{ $id }}" @endif @if ($name) name="{{ $name }}" @endif
        aria-label="{{ $label }}" {{ $attributes }}>
        @if ($inherit !== null)<option value="">{{ $inherit }}</option>@endif
        @if ((string) $value !== '' && ! isset($type->options[$value]))
            <option value="{{ $value }}" selected>{{ $value }}, not there</option>
        @endif
        @if ($type->groups === [])
            @foreach ($type->options as $key => $says)
                <option value="{{ $key }}" @selected((string) $key === (string) $value)>{{ ucfirst($says) }}</option>
            @endforeach
        @else
            @php($grouped = collect($type->options)->groupBy(fn ($says, $of) => $type->groups[$of], true))
            @foreach ($grouped as $group => $options)
                <optgroup label="{{ $group }}">
                    @foreach ($options as $key => $says)
                        <option value="{{ $key }}" @selected((string) $key === (string) $value)>{{ $says }}</option>
                    @endforeach
                </optgroup>
            @endforeach
        @endif
    </select>
@elseif ($type instanceof RapidReel\Plan\Settings\Type\SplitType)
    <x-split-choice :$id :$name :$label :rule="(string) $value" :$inherit :attributes="$attributes->except('@change')"/>
@elseif ($type instanceof RapidReel\Plan\Settings\Type\SeveralType)
    <x-several-choice :$type :$id :$name :$label :$value :$inherit :attributes="$attributes->except('@change')"/>
@elseif ($type instanceof RapidReel\Plan\Settings\Type\CadenceType)
    <input class="form-control form-control-sm setting-cadence" maxlength="20" list="cadences-{{ $setting->key }}"
        @if ($id) id="{{ $id }}" @endif @if ($name) name="{{ $name }}" @endif
        value="{{ $type->typed((string) $value) }}" aria-label="{{ $label }}" title="longest, 2.5 s or 5-15 words"
        placeholder="{{ $inherit }}" {{ $attributes }}>
    <datalist id="cadences-{{ $setting->key }}">
        @foreach ($type->usual() as $one)<option value="{{ $one }}">@endforeach
    </datalist>
@elseif ($type instanceof RapidReel\Plan\Settings\Type\TextType)
    <input class="form-control form-control-sm setting-text" maxlength="{{ $type->most }}"
        @if ($id) id="{{ $id }}" @endif @if ($name) name="{{ $name }}" @endif value="{{ $value }}"
        aria-label="{{ $label }}" placeholder="{{ $inherit ?? 'none' }}" {{ $attributes }}>
@elseif ($type instanceof RapidReel\Plan\Settings\Type\NamesType)
    <input class="form-control form-control-sm setting-text" maxlength="{{ RapidReel\Base\NamePattern::MOST }}"
        @if ($id) id="{{ $id }}" @endif @if ($name) name="{{ $name }}" @endif value="{{ $value }}"
        aria-label="{{ $label }}" title="{{ '{'.implode('}, {', RapidReel\Base\NamePattern::FIELDS).'}' }}"
        placeholder="{{ $inherit }}" {{ $attributes }}>
@elseif ($type instanceof RapidReel\Plan\Settings\Type\PatternType)
    <input class="form-control form-control-sm setting-text" maxlength="{{ $type->most }}"
        @if ($id) id="{{ $id }}" @endif @if ($name) name="{{ $name }}" @endif value="{{ $value }}"
        aria-label="{{ $label }}" title="{{ '{'.implode('}, {', $type->fields).'}' }}"
        placeholder="{{ $inherit }}" {{ $attributes }}>
@elseif ($type instanceof RapidReel\Plan\Settings\Type\ZoneType)
    <input class="form-control form-control-sm setting-text" maxlength="60" list="zones-{{ $setting->key }}"
        @if ($id) id="{{ $id }}" @endif @if ($name) name="{{ $name }}" @endif value="{{ $value }}"
        aria-label="{{ $label }}" placeholder="{{ $inherit }}" {{ $attributes }}>
    <datalist id="zones-{{ $setting->key }}">
        @foreach ($type::names() as $one)<option value="{{ $one }}">@endforeach
    </datalist>
@elseif ($type instanceof RapidReel\Plan\Settings\Type\ColourType && $type->word !== '' && $type->isTyped)
    <span class="split-own">
        <input class="form-control form-control-sm setting-cadence" maxlength="20" list="words-{{ $setting->key }}"
            @if ($id) id="{{ $id }}" @endif @if ($name) name="{{ $name }}" @endif
            value="{{ $type->typed((string) $value) }}" aria-label="{{ $label }}"
            title="{{ $type->wordSays }}, or such as #FFC247" placeholder="{{ $inherit }}" {{ $attributes }}>
        <datalist id="words-{{ $setting->key }}"><option value="{{ $type->wordSays }}"></datalist>
        <x-swatch :colour="(string) $value"/>
    </span>
@elseif ($type instanceof RapidReel\Plan\Settings\Type\ColourType)
    <span class="setting-colour">
        <input type="color" @if ($id) id="{{ $id }}" @endif @if ($name) name="{{ $name }}" @endif
            value="#{{ strtolower((string) $value) }}" aria-label="{{ $label }}" {{ $attributes }}>
        <x-swatch :colour="(string) $value" :shown="false"/>
    </span>
@else
    <span class="split-own">
        <input class="form-control form-control-sm setting-number" inputmode="decimal" maxlength="12"
            @if ($id) id="{{ $id }}" @endif @if ($name) name="{{ $name }}" @endif
            value="{{ $type->typed(is_numeric($value) ? (int) $value : $value) }}" aria-label="{{ $label }}"
            title="{{ $type->typed($type->least) }} to {{ $type->says($type->most) }}{{
                $type->word !== '' ? ', or “'.$type->word.'”' : ''
            }}"
            @if ($type->isTime()) data-unit="s" @endif
            placeholder="{{ $inherit }}"
            @if ($type->word !== '') list="words-{{ $setting->key }}" @endif {{ $attributes }}>
        @unless ($type->isTime()){{ $type->unit }}@endunless
        @if ($type->word !== '')
            <datalist id="words-{{ $setting->key }}">
                @foreach ([...array_keys($type->named), $type->word] as $word)<option value="{{ $word }}">@endforeach
            </datalist>
        @endif
    </span>
@endif
