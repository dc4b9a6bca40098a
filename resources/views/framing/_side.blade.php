<section aria-label="Pins">
    <h2>Pins</h2>
    @forelse ($page->drawn['pins'] as $pin)
        <div class="pin-row" data-id="pin-{{ $pin['ms'] }}">
            <button type="button" class="link" @click="seek({{ $pin['ms'] }})">{{
                number_format(max(0, $pin['ms'] - $page->drawn['in']) / 1000, 2)
            }} s</button>
            <button type="button" class="link" @click="unpin({{ $pin['ms'] }})"
                aria-label="Delete the pin at {{
                    number_format(max(0, $pin['ms'] - $page->drawn['in']) / 1000, 2)
                }} s">Delete</button>
        </div>
    @empty
        <p class="quiet">None. Drag the window where it goes wrong: it is there then, exactly, and between two pins it
        goes from one to the other.</p>
    @endforelse
    @if (count($page->drawn['pins']) > 1)
        <button type="button" class="link" @click="free()">Delete all</button>
    @endif
</section>
@if ($page->problems !== [])
    <section aria-label="To look at">
        <h2>To look at</h2>
        @foreach ($page->problems as $problem)
            <div class="pin-row" data-id="problem-{{ $problem['kind'] }}-{{ $problem['from'] }}">
                <button type="button" class="link" @click="seek({{ $problem['from'] }})">{{ $problem['at'] }}</button>
                <span class="flag flag-inline">{{ $problem['label'] }}</span>
            </div>
        @endforeach
    </section>
@endif
