@props(['shape', 'none', 'label'])
{{-- A short as it will be: its bare video, and over it the captions as they will be burned. --}}
<div class="stage" x-ref="stage" :class="{ 'has-safe': safe }" :data-heard="line === null ? 'mix' : 'halves'"
    style="aspect-ratio: {{ $shape->width() }} / {{ $shape->height() }}">
    <video x-ref="video" playsinline preload="auto" muted x-show="proof" x-cloak></video>
    <p class="stage-none" x-show="!proof">{{ $none }}</p>
    <canvas x-ref="words" width="{{ $shape->width() }}" height="{{ $shape->height() }}" data-draws
        aria-label="{{ $label }}" role="img"></canvas>
    {{ $slot }}
    <span class="stage-safe" aria-hidden="true" style="inset: {{ implode(' ', array_map(
        fn (float $part): string => 100 * $part.'%', $shape->safeArea()->toArray(),
    )) }}"></span>
</div>
