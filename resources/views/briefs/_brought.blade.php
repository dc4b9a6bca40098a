@php($several = collect($brought['candidates'])->filter(fn (array $own): bool => count($own) > 1))
<h2>{{ count($brought['candidates']) === 1 ? '1 shot has its picture' : count($brought['candidates'])
    .' shots have their pictures' }}</h2>
@if ($brought['missing'] !== [])
    <p class="flag">Nothing came for {{ implode(', ', array_map(
        fn (int $number): string => sprintf('%02d', $number), $brought['missing'])) }}.</p>
@endif
@if ($brought['left'] !== [])
    <p class="flag">Left over, and in the library: {{ implode(', ', $brought['left']) }}.</p>
@endif
@if ($several->isNotEmpty())
    <p>Several came for one shot. The first of each is there now: choose another by its number, ↑ ↓ for the shot before
    or after.</p>
    @foreach ($several as $number => $own)
        @php($shot = $briefs[$number - 1]->shot)
        <div class="candidates{{ $loop->first ? ' is-on' : '' }}" role="group" tabindex="0"
            aria-label="Candidates for shot {{ $number }}"
            data-url="{{ route('scenes.swap', [$short->scenes[$shot->scene], $shot->word]) }}">
            <p><b>{{ sprintf('%02d', $number) }}</b> {{ $briefs[$number - 1]->text }}
                @isset($canMore)
                    <button type="button" class="link" data-more="{{ $number }}">Four more</button>
                @endisset
            </p>
            <div>
                @foreach ($own as $one)
                    @php($shown = $short->scenes[$shot->scene]->shots->firstWhere('word', $shot->word)?->footage_id)
                    <button type="button" data-footage="{{ $one->id }}" aria-pressed="{{
                        $shown === $one->id ? 'true' : 'false' }}">
                        <kbd>{{ $loop->iteration }}</kbd>
                        <img src="{{ route('footage.thumbnail', $one) }}" alt="{{ $one->name }}">
                    </button>
                @endforeach
            </div>
        </div>
    @endforeach
@endif
<p><a class="btn btn-primary" href="{{ route('shorts.show', $short) }}">To the short</a></p>
