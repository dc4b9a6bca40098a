{{-- All settings of the house style, by what they are of. --}}
@php($channel = $house->channel)
@php($uses = [
    'caption_accent' => 'words that stand out', 'caption_plate_colour' => 'plates', 'card_plate' => 'cards',
    'card_colour' => 'letters of cards', 'ground_top' => 'behind pictures',
])
<h2>Settings</h2>
<div class="scopes">@foreach ($house->controls['main'] as $control)<x-scope :$control/>@endforeach</div>
<p><a href="{{ route('styles') }}" data-key="s" data-key-does="Caption styles">Caption styles and faces</a> ·
    <a href="{{ route('targets.index') }}" data-key="t" data-key-does="Targets">Targets</a> ·
    <a href="{{ route('rules.index') }}" data-key="r" data-key-does="What stops a short">Review</a> ·
    <a href="{{ route('sounds.index') }}">Sound</a></p>
<h2>Logo</h2>
<div class="logo-cols">
    <div class="scopes">@foreach ($house->controls['logo'] as $control)<x-scope :$control/>@endforeach</div>
    <div>
        @foreach ($house->logos as $card)
            <figure class="logo-card" x-data="logoPicker">
                <img src="{{ route('logos.file', $card->logo) }}" alt="Logo {{ $card->logo->name }}"
                    @click="pick($event)" title="Press it to take a colour from there">
                <figcaption>
                    <b>{{ $card->logo->name }}</b>
                    <span class="swatches">@foreach ($card->logo->colours as $colour)
                        <span class="swatch" x-data="scope({ channel: {{ $channel->id }}, level: 'channel',
                            ids: [{{ $channel->id }}], key: 'caption_accent' })">
                            <i style="background: #{{ $colour }}"></i> #{{ $colour }} for
                            @foreach ($uses as $key => $use)
                                <button type="button" class="link"
                                    @click="change({ key: '{{ $key }}', value: '{{ $colour }}' })"
                                    aria-label="Use {{ $colour }} for {{ $use }}">{{ $use }}</button>
                            @endforeach
                        </span>
                    @endforeach
                    <span class="swatch" x-data="scope({ channel: {{ $channel->id }}, level: 'channel',
                        ids: [{{ $channel->id }}], key: 'caption_accent' })" x-show="picked" x-cloak>
                        <i :style="`background: #${picked}`"></i> <span x-text="'#' + picked + ' for'"></span>
                        @foreach ($uses as $key => $use)
                            <button type="button" class="link" @click="change({ key: '{{ $key }}', value: picked })"
                                aria-label="Use what was picked for {{ $use }}">{{ $use }}</button>
                        @endforeach
                    </span></span>
                    <span class="quiet">Contrast: @foreach ($card->pairs as $pair)
                        #{{ $pair['colour'] }} on #{{ $pair['on'] }} {{ $pair['contrast'] }}{{
                            $pair['clear'] ? '' : ' (faint)' }}@if (! $loop->last) · @endif
                    @endforeach</span>
                    @if ($card->logo->channel_id === $channel->id)
                        <form method="post" action="{{ route('logos.destroy', $card->logo) }}">
                            @csrf @method('delete')<button class="link" aria-label="Take {{
                                $card->logo->name }} away">Take away</button>
                        </form>
                    @endif
                </figcaption>
            </figure>
        @endforeach
        <form method="post" action="{{ route('logos.store') }}" enctype="multipart/form-data" class="channel-new">
            @csrf
            <input type="file" name="logo" class="form-control form-control-sm" accept=".png,.svg"
                aria-label="PNG or SVG file" required>
            <button class="btn btn-sm btn-outline-dark">Bring a logo</button>
        </form>
        <p class="quiet">PNG or SVG. It stands in the safe area and never under captions.</p>
    </div>
</div>
<h2>Look of the pictures</h2>
<div class="scopes">@foreach ($house->controls['look'] as $control)<x-scope :$control/>@endforeach</div>
<h2>Behind pictures</h2>
<div class="scopes">@foreach ($house->controls['grounds'] as $control)<x-scope :$control/>@endforeach</div>
<p class="quiet">A subject on a green or any other plain ground is put over two colours, a blurred copy, or
footage: give a picture or clip of the library the tag “behind”, and it can be chosen.</p>
<h2>Cards</h2>
<div class="scopes">@foreach ($house->controls['cards'] as $control)<x-scope :$control/>@endforeach</div>
<p class="quiet">The title of each short over its hook, a pointer with an arrow over its close. Others, and
stickers, are put over the picture on the sheet.</p>
<h2>Opening and ending</h2>
<div class="scopes">@foreach ($house->controls['edges'] as $control)<x-scope :$control/>@endforeach</div>
<p class="quiet">A clip or a card before every short, or after it, with its own sound: give footage the tag
“opening” or “ending”, and it can be chosen. Both count in the length.</p>
