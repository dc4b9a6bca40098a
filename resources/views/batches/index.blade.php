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
        <p>Paste a few scripts, or drop a file of them, and press one button. Each becomes a captioned vertical
        video.</p>
        <a class="btn btn-primary" href="{{ route('intake') }}">Add scripts</a>
    </div>
@else
    <table class="order order-batches">
        <thead>
            <tr><th>Made</th><th>Batch</th><th class="num">Shorts</th><th class="num">Ready</th><th>State</th>
            <th>Covers</th></tr>
        </thead>
        <tbody>
        @foreach ($rows as $row)
            <tr>
                <td class="when">
                    {{ $row->batch->created_at->format('j M') }}<br>
                    <span>{{ $row->batch->created_at->format('H:i') }}</span>
                </td>
                <td class="what">
                    <a href="{{ route('batches.show', $row->batch) }}">{{ $row->batch->name }}</a>
                    <span>{{ $row->titles }}</span>
                </td>
                <td class="num">{{ $row->shorts }}</td>
                <td class="num">{{ $row->ready }}</td>
                <td><span class="state {{ $row->stateClass }}">{{ $row->state }}</span></td>
                <td class="covers">
                    @foreach ($row->covers as $short)
                        <img src="{{ route('exports.poster', $short->latestDone) }}" alt="" loading="lazy" width="27"
                            height="48">
                    @endforeach
                </td>
            </tr>
        @endforeach
        </tbody>
    </table>
    {{ $batches->links() }}
@endif
@endsection
