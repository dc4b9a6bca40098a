@extends('layouts.app')
@section('title', 'Pace of '.$page->batch->name)
@section('content')
<div class="page-head">
    <div>
        <x-batch-crumb :batch="$page->batch"/>
        <h1>Pace</h1>
        <p class="lead">{{ $page->lead() }}</p>
    </div>
    <div class="actions">
        <a class="btn btn-outline-dark" href="{{ route('batches.show', $page->batch) }}" data-key="e"
            data-key-does="Back to the rundown">Rundown</a>
    </div>
</div>
<table class="order pace-batch">
    <thead>
        <tr>
            <th class="num">No.</th><th class="what">Short</th><th>Rhythm</th>
            @foreach ($page->measures() as $measure)
                <th class="num">{{ $measure['label'] }}<small>{{
                    $measure['practice'].' '.$measure['unit']
                }}</small></th>
            @endforeach
            <th>What stands out</th>
        </tr>
    </thead>
    <tbody>
        <tr class="pace-all">
            <td></td><td colspan="2">Mean, and from least to most</td>
            @foreach ($page->measures() as $measure)
                <td class="num"><b>{{ $measure['mean'] }}</b><small>{{ $measure['range'] }}</small></td>
            @endforeach
            <td></td>
        </tr>
        @foreach ($page->rows as $row)
            <tr>
                <td class="num">{{ sprintf('%02d', $row->short->number) }}</td>
                <td class="what"><a href="{{ route('sheet.show', $row->short) }}">{{ $row->short->title }}</a></td>
                <td><x-rhythm :rhythm="$row->rhythm"/></td>
                @foreach ($row->measures as $measure)
                    <td @class(['num', 'is-unusual' => ! $measure->isUsual()])
                        @if (! $measure->isUsual()) title="{{ $measure->practice() }}" @endif>{{
                            $measure::number($measure->value)
                        }}</td>
                @endforeach
                <td>
                    @foreach ($row->findings as $finding)
                        <a class="pace-finding" href="{{ $row->placeOf($finding) }}" title="{{ $finding->message }}">{{
                            $finding->code->brief()
                        }}</a>
                    @endforeach
                </td>
            </tr>
        @endforeach
    </tbody>
</table>
<p class="quiet">Bars: shots, as high as they are long, between the lines 2 to 3 s · line: words a second · foot:
    silence. What stands out leads to its place on the sheet, where what would mend it is offered.</p>
{{ $page->found->links() }}
@endsection
