@props(['short'])
<p class="crumb">
    <a href="{{ route('batches.index') }}">Batches</a> /
    <a href="{{ route('batches.show', $short->batch) }}">{{ $short->batch->name }}</a> /
    <a href="{{ route('shorts.show', $short) }}">{{ sprintf('%02d', $short->number) }} {{ $short->title }}</a>
</p>
