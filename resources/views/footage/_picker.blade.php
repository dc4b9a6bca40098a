<div data-collections="{{ json_encode($collections) }}">
    @if ($footage->isEmpty())
        <p class="empty-title">Nothing found</p>
    @else
        <div class="picker">
            @foreach ($footage as $one)
                <button type="button" data-footage="{{ $one->id }}">
                    <img src="{{ route('footage.thumbnail', $one) }}" alt="" loading="lazy">
                    <b>{{ $one->name }}</b>
                    <span>{{ $one->lengthSays() }}</span>
                </button>
            @endforeach
        </div>
        @if ($footage->hasMorePages())
            <p class="quiet">{{ $footage->count() }} of {{ $footage->total() }}. Search for the others.</p>
        @endif
    @endif
</div>
