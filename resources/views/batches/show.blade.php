@extends('layouts.app')
@section('title', $batch->name)
@section('content')
<div x-data="rundown('{{ route('batches.state', $batch) }}', @js($working))">
    <div class="page-head">
        <div>
            <p class="crumb"><a href="{{ route('batches.index') }}">Batches</a> / {{ $batch->created_at->format('j F Y, H:i') }}</p>
            <h1>{{ $batch->name }}</h1>
        </div>
        <div class="actions">
            <form method="post" action="{{ route('batches.export', $batch) }}">
                @csrf
                <template x-for="id in chosen" :key="id"><input type="hidden" name="shorts[]" :value="id"></template>
                <span class="actions-what">For <b x-text="what">all</b>:</span>
                <button class="btn btn-outline-dark" name="quality" value="draft" data-key="d" data-key-does="Draft of the chosen, or of all">Draft</button>
                <button class="btn btn-outline-dark" name="quality" value="final" data-key="e" data-key-does="Export the chosen, or all">Export</button>
                <button class="btn btn-outline-dark" formaction="{{ route('batches.cancel', $batch) }}" x-show="working" data-key="s" data-key-does="Stop what is being made">Stop</button>
                <a class="btn btn-primary" data-key="z" data-key-does="Download the chosen, or all, as a ZIP" :href="'{{ route('batches.download', $batch) }}?' + query()">Download ZIP</a>
            </form>
        </div>
    </div>
    <table class="order order-rows">
        <thead>
            <tr>
                <th class="tick"><input type="checkbox" class="form-check-input" aria-label="Choose all" data-key="a" data-key-does="Choose all or none" @change="all($event)"></th>
                <th>No.</th>
                <th><span class="visually-hidden">Cover</span></th>
                <th>Short</th>
                <th class="axis">
                    @if ($rows !== [])
                        <span class="axis-line" aria-hidden="true">@foreach (App\Http\Presenters\CutStrip::marks($rows[0]->short->profile) as $mark)<i @class(['is-limit' => $mark['limit']]) style="left: {{ $mark['at'] }}%">{{ $mark['says'] }}</i>@endforeach</span>
                    @endif
                    <span class="visually-hidden">Cut on a common axis of seconds</span>
                </th>
                <th class="num">Length</th>
                <th>State</th>
                <th><span class="visually-hidden">Files</span></th>
            </tr>
        </thead>
        <tbody x-ref="rows">@include('batches._rows')</tbody>
    </table>
</div>
@endsection
