@props(['batch'])
<p class="crumb">
    <a href="{{ route('batches.index') }}">Batches</a> /
    <a href="{{ route('batches.show', $batch) }}">{{ $batch->name }}</a>
</p>
