{{-- The logos at hand: one is chosen at a press, and its colours are offered. --}}
@php($uses = [
    'caption_accent' => 'words that stand out', 'caption_plate_colour' => 'plates', 'card_plate' => 'cards',
    'card_colour' => 'text of cards', 'ground_top' => 'backgrounds',
])
@php($place = "{ channel: $channel->id, level: 'channel', ids: [$channel->id], key: 'logo' }")
@foreach ($house->logos as $card)
    <figure class="logo-card" x-data="logoPicker">
        <img src="{{ route('logos.file', $card->logo) }}" alt="Logo {{ $card->logo->name }}"
            @click="pick($event)" title="Press it to take a colour from there">
        <figcaption x-data="scope({{ $place }})">
            <span><b>{{ $card->logo->name }}</b>
                @if ($house->groups['logo']->controls[0]->value === $card->logo->picture)
                    <span class="state state-ready">shown</span>
                @else
                    <button type="button" class="link" @click="change({ value: '{{ $card->logo->picture }}' })"
                        aria-label="Show the logo {{ $card->logo->name }}">Show this one</button>
                @endif
                @if ($card->logo->channel_id === $channel->id)
                    <form method="post" action="{{ route('logos.destroy', $card->logo) }}">
                        @csrf @method('delete')<button class="link" aria-label="Delete the logo {{
                            $card->logo->name }}">Delete</button>
                    </form>
                @endif
            </span>
            <span class="swatches">@foreach ($card->logo->colours as $colour)
                <span class="swatch">
                    <x-swatch :$colour/> for
                    @foreach ($uses as $key => $use)
                        <button type="button" class="link"
                            @click="change({ key: '{{ $key }}', value: '{{ $colour }}' })"
                            aria-label="Use {{ $colour }} for {{ $use }}">{{ $use }}</button>
                    @endforeach
                </span>
            @endforeach
            <span class="swatch" x-show="picked" x-cloak>
                <span class="colour-name"><i :style="`background: #${picked}`"></i>
                    <span x-text="'#' + picked"></span></span> for
                @foreach ($uses as $key => $use)
                    <button type="button" class="link" @click="change({ key: '{{ $key }}', value: picked })"
                        aria-label="Use the picked colour for {{ $use }}">{{ $use }}</button>
                @endforeach
            </span></span>
            <span class="quiet">Contrast: @foreach ($card->pairs as $pair)
                #{{ $pair['colour'] }} on #{{ $pair['on'] }} {{ $pair['contrast'] }}{{
                    $pair['clear'] ? '' : ' (faint)' }}@if (! $loop->last) · @endif
            @endforeach</span>
        </figcaption>
    </figure>
@endforeach
<x-upload-form :to="route('logos.store')" name="logo" accept=".png,.svg"
    label="PNG or SVG file">Upload a logo</x-upload-form>
