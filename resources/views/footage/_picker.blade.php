@forelse ($footage as $one)
    @if ($loop->first)<div class="picker">@endif
    <button type="button" data-footage="{{ $one->id }}">
        <img src="{{ route('footage.thumbnail', $one) }}" alt="" loading="lazy">
        <b>{{ $one->name }}</b>
        <span>{{ $one->lengthSays() }}</span>
    </button>
    @if ($loop->last)</div>@endif
@empty
    <p class="empty-title">Nothing found</p>
@endforelse
