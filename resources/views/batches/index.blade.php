@extends('layouts.app')
@section('title', 'Batches')
@section('content')
<div class="page-head">
    <h1>Batches</h1>
    <a class="btn btn-primary" href="{{ route('intake') }}">New batch</a>
</div>
@if ($batches->isEmpty())
    <div class="empty">
        <p class="empty-title">No batch yet</p>
        <p>Paste a few scripts, or drop a file of them, and press one button. Each becomes a captioned vertical video.</p>
        <a class="btn btn-primary" href="{{ route('intake') }}">Bring in scripts</a>
    </div>
@else
    <table class="order order-batches">
        <thead><tr><th>Made</th><th>Batch</th><th class="num">Shorts</th><th class="num">Ready</th><th>State</th><th>Covers</th></tr></thead>
        <tbody>
        @foreach ($batches as $batch)
            @php
                $done = $batch->shorts->filter(fn ($short) => $short->latestDone !== null);
                $open = $batch->shorts->filter(fn ($short) => $short->latestExport?->state->isOpen());
                $failed = $batch->shorts->filter(fn ($short) => $short->latestExport?->state === App\Models\ExportState::Failed);
            @endphp
            <tr>
                <td class="when">{{ $batch->created_at->format('j M') }}<br><span>{{ $batch->created_at->format('H:i') }}</span></td>
                <td class="what"><a href="{{ route('batches.show', $batch) }}">{{ $batch->name }}</a><span>{{ $batch->shorts->take(3)->pluck('title')->implode(' · ') }}{{ $batch->shorts->count() > 3 ? ' …' : '' }}</span></td>
                <td class="num">{{ $batch->shorts->count() }}</td>
                <td class="num">{{ $done->count() }}</td>
                <td>
                    @if ($open->isNotEmpty()) <span class="state state-working">making {{ $open->count() }}</span>
                    @elseif ($failed->isNotEmpty()) <span class="state state-failed">{{ $failed->count() }} failed</span>
                    @elseif ($done->count() === $batch->shorts->count()) <span class="state state-ready">ready</span>
                    @else <span class="state">{{ $batch->shorts->count() - $done->count() }} to export</span>
                    @endif
                </td>
                <td class="covers">@foreach ($done->take(6) as $short)<img src="{{ route('exports.poster', $short->latestDone) }}" alt="" loading="lazy" width="27" height="48">@endforeach</td>
            </tr>
        @endforeach
        </tbody>
    </table>
    {{ $batches->links() }}
@endif
@endsection
