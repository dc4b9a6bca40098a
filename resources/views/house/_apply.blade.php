{{-- Batches in which something does not follow the house style, and what applying it would do. --}}
@if ($house->own === [])
    <p class="quiet">{{ match ($house->shorts) {
        0 => 'There are no shorts yet: all that come will follow it.',
        1 => 'The one short of the channel follows it.',
        default => "All {$house->shorts} shorts of the channel follow it.",
    } }}</p>
@else
    <ul class="plain-list house-apply">
        @foreach ($house->own as $one)
            <li data-id="apply-{{ $one['batch']->id }}">
                <a href="{{ route('batches.show', $one['batch']) }}">{{ $one['batch']->name }}</a>
                <span>{{ $one['shorts'] }} of {{ $one['of'] }}
                    {{ $one['shorts'] === 1 ? 'short changes' : 'shorts change' }},
                    {{ match ($one['exports']) {
                        0 => 'none needs a new export',
                        1 => '1 needs a new export',
                        default => "{$one['exports']} need a new export",
                    } }}</span>
                <button type="button" class="link" @click="apply(@js(route('house.apply', $one['batch'])))"
                    aria-label="Apply the house style to {{ $one['batch']->name }}">Apply to this batch</button>
            </li>
        @endforeach
    </ul>
    <p class="quiet">What the batch and its shorts have of their own goes, but for voices, words, pace and target.
        Scenes and shots keep theirs. It can be taken back on the page of the batch.</p>
@endif
