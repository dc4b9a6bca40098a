@props(['colour', 'shown' => true])
{{-- What a colour looks like, and what people call it; nothing for what is none. --}}
@if (preg_match('/^[0-9A-Fa-f]{6}$/', $colour) === 1)
    <span class="colour-name">@if ($shown)<i style="background: #{{ $colour }}"></i>@endif
        {{ RapidReel\Base\Colour\ColourName::of($colour) }} <span class="quiet">#{{ $colour }}</span></span>
@endif
