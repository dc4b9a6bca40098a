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
        <p>Three steps from here to a pile of finished videos:</p>
        <ol class="first-steps">
            <li @class(['is-done' => $first->footage > 0])>
                <a @class(['btn btn-primary' => $first->footage === 0]) href="{{ route('footage.index') }}"
                    >Add your footage</a>: a folder of clips and stills.
                <span class="quiet">{{ $first->footage === 0 ? 'None yet; nothing can be exported without.'
                    : "$first->footage here." }}</span>
            </li>
            <li><a @class(['btn btn-primary' => $first->footage > 0]) href="{{ route('intake') }}">Add scripts</a>
                and press one button. Each becomes a captioned vertical video.</li>
            <li>Look them over, and download them in one ZIP.</li>
        </ol>
        <p class="quiet">If you like, first: <a href="{{ route('house') }}">a house style</a>{{
            $first->hasStyle ? ' (begun)' : ', with three to begin from' }};
            <a href="{{ route('sounds.index') }}">music</a>{{
            $first->music > 0 ? " ($first->music pieces)" : ', with five pieces that ship' }}.</p>
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
