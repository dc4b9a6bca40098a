@props(['colour', 'shown' => true])
{{-- What a colour looks like, and what people call it. --}}
<span class="colour-name">@if ($shown)<i style="background: #{{ $colour }}"></i>@endif
    {{ RapidReel\Base\Colour\ColourName::of($colour) }} <span class="quiet">#{{ $colour }}</span></span>
