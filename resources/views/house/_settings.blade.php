{{-- All settings of the house style by section, and beside them what there is of each and how many are its own. --}}
@php($channel = $house->channel)
<nav class="house-contents" aria-label="Sections">
    @foreach ($house->groups as $key => $group)
        <a href="#section-{{ $key }}">{{ $group->section->label() }}
            @if ($group->own() > 0)<span class="own-count">{{ $group->own() }} set</span>@endif</a>
    @endforeach
    <a href="#section-house-words">Words of the house</a>
    <a href="#section-apply">Apply to batches</a>
</nav>
<div class="house-sections">
    @foreach ($house->groups as $key => $group)
        <section class="house-section" id="section-{{ $key }}" data-section
            aria-labelledby="section-{{ $key }}-name">
            <div class="house-section-head">
                <h2 id="section-{{ $key }}-name">{{ $group->section->label() }}</h2>
                <p class="quiet">{{ $group->section->says() }}
                    @switch ($key)
                        @case('captions')
                            <a href="{{ route('styles') }}" data-key="s" data-key-does="Caption styles"
                                >Styles and typefaces</a>
                            @break
                        @case('files')
                            <a href="{{ route('targets.index') }}" data-key="t" data-key-does="Targets">Targets</a>
                            @break
                        @case('words')
                            <a href="{{ route('rules.index') }}" data-key="r"
                                data-key-does="What stops a short">What the review stops</a>
                            @break
                        @case('sound')
                            <a href="{{ route('sounds.index') }}">Music and effects</a>
                            @break
                        @case('voice')
                            <a href="{{ route('voices.index') }}">Hear the voices</a>
                            @break
                        @case('look')
                            <a href="{{ route('channels.index') }}#tables">Colour tables</a>
                            @break
                        @case('posts')
                            <a href="{{ route('outlets.index') }}">Outlets</a>
                            @break
                        @case('edges')
                            Tag footage “opening” or “ending”, and it can be chosen here.
                            @break
                        @case('pictures')
                            Tag footage “behind”, and it can stand behind a subject.
                            @break
                    @endswitch
                </p>
            </div>
            @if ($key === 'logo')@include('house._logos')@endif
            @if ($key === 'look' && $house->shown !== null)
                @include('house._choices', ['section' => 'look', 'key' => 'look', 'footage' => $house->shown,
                    'label' => 'Looks to choose from'])
            @elseif ($key === 'framing' && $house->wide !== null)
                @include('house._choices', ['section' => 'framing', 'key' => 'framing', 'footage' => $house->wide,
                    'label' => 'Framings to choose from'])
            @elseif ($key === 'pictures' && $house->shown !== null)
                @include('house._choices', ['section' => 'pictures', 'key' => 'transition',
                    'footage' => $house->shown, 'label' => 'Transitions to choose from'])
            @endif
            <x-setting-list :$group :name="'house-'.$key"/>
        </section>
    @endforeach
</div>
