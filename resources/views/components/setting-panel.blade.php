@props(['level', 'of', 'what', 'own' => 0, 'label' => null])
{{-- All that can be set for one thing, fetched as it is opened. --}}
<details {{ $attributes->class(['setting-panel']) }} id="panel-{{ $level }}-{{ $of }}"
    x-data="settingPanel(@js(route('settings.panel', [$level, $of])))" @toggle="opened($el.open)">
    <summary @if ($label) aria-label="{{ $label }}" @endif>{{ $what }}
        <span class="own-count" data-own>{{ $own > 0 ? "$own set" : '' }}</span></summary>
    <div class="setting-panel-body" id="panel-body-{{ $level }}-{{ $of }}" data-draws></div>
</details>
