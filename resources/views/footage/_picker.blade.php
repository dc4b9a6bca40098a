@forelse ($footage as $one)
    @if ($loop->first)<div class="picker">@endif
    <button type="button" data-footage="{{ $one->id }}">
        <img src="{{ route('footage.thumbnail', $one) }}" alt="" loading="lazy">
        <b>{{ $one->name }}</b>
        <span>{{ $one->kind->value === 'clip' ? number_format($one->duration_ms / 1000, 1).' s' : 'still' }}</span>
    </button>
    @if ($loop->last)</div>@endif
@empty
    <p class="empty-title">Nothing found</p>
@endforelse
