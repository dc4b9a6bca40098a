@extends('layouts.app')
@section('title', 'Who did what')
@section('content')
<div class="page-head">
    <div>
        <p class="crumb"><a href="{{ route('channels.index') }}">Channels and files</a></p>
        <h1>Who did what</h1>
        <p class="lead">The last changes in {{ $channel->name }}, its batches and its house style.</p>
    </div>
</div>
<table class="order">
    <thead><tr><th>When</th><th>Who</th><th>What</th><th>Where</th></tr></thead>
    <tbody>
        @forelse ($lines as $line)
            <tr><td class="when">{{ $line['when'] }}</td><td>{{ $line['who'] }}</td>
                <td>{{ ucfirst($line['what']) }}</td><td>{{ $line['at'] }}</td></tr>
        @empty
            <tr><td colspan="4">Nothing was changed yet.</td></tr>
        @endforelse
    </tbody>
</table>
@endsection
