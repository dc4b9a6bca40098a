@php($short = $detail->row->short())
<header class="review-of" data-clearable="{{ $detail->canClear() ? 'yes' : 'no' }}">
    <h2 dir="auto">{{ sprintf('%02d', $short->number) }} {{ $short->title }}</h2>
    <p class="quiet">{{ $detail->row->seconds() }}</p>
    @if ($detail->file === null)<p>It is being made as it is now. Come back in a while.</p>
    @elseif (! $detail->canClear())<p>It is still being worked at and cannot be cleared yet; what you say of it
        arrives.</p>
    @endif
</header>
@include('review._earlier')
