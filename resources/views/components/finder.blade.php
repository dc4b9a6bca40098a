@props(['placeholder' => 'Find a setting'])
{{-- Finds a setting by any of its words. --}}
<input type="search" class="form-control form-control-sm finder" placeholder="{{ $placeholder }}"
    aria-label="{{ $placeholder }}" data-finds data-draws autocomplete="off"
    {{ $attributes->merge(['data-key' => '/', 'data-key-does' => 'Find a setting']) }}>
