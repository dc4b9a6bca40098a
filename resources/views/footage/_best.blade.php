<p class="best-says">“{{ $says }}”</p>
<div class="best">
    @foreach ($best as [$one, $why])
        <button type="button" data-footage="{{ $one->id }}">
            <kbd>{{ $loop->iteration }}</kbd>
            <img src="{{ route('footage.thumbnail', $one) }}" alt="" loading="lazy">
            <b>{{ $one->name }}</b>
            <span>{{ $why === '' ? $one->lengthSays() : "for $why" }}</span>
        </button>
    @endforeach
    @if ($best === [])
        <p class="quiet">Nothing else here fits these words. Search below, or add footage of it.</p>
    @endif
</div>
@if ($shown?->footage_id !== null)
    <p class="best-acts">
        @if (! $shown->locked)
            <button type="button" class="link" data-footage="{{ $shown->footage_id }}">Keep the picture that is
            there</button>
        @else
            <button type="button" class="link" data-free="1">Match it again</button>
        @endif
    </p>
@endif
