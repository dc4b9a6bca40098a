@extends('layouts.app')
@section('title', 'Earlier: '.$state->title)
@section('content')
<div class="page-head">
    <div>
        <x-crumb :short="$state->short"/>
        <h1>{{ $state->title }}</h1>
        <p class="lead">
            As it was before “{{ $state->edit->what }}”,
            {{ $state->edit->created_at->format('j F Y, H:i') }}@if ($state->edit->user)
            by {{ $state->edit->user->name }}@endif.
        </p>
    </div>
    <form method="post" action="{{ route('history.restore', [$state->short, $state->edit]) }}" class="actions">
        @csrf
        <a class="btn btn-outline-dark" href="{{ route('shorts.show', $state->short) }}">Leave it as it is now</a>
        <button class="btn btn-primary">Restore this state</button>
    </form>
</div>
<p class="notice">Restoring it is a change like any other: it can be undone.</p>
@if ($state->isDeleted)<p class="flag">It was deleted then.</p>@endif
@if ($state->settings !== '')<p class="quiet">Set for this short: {{ $state->settings }}</p>@endif
<table class="order order-earlier">
    <thead><tr><th>Part</th><th>Said</th><th>Seen</th><th>Set for the scene</th></tr></thead>
    <tbody>
        @foreach ($state->scenes as $scene)
            <tr>
                <td class="role">{{ $scene->role }}</td>
                <td class="said">{{ $scene->text }}</td>
                <td>{{ $scene->pictures }}</td>
                <td>{{ $scene->settings }}</td>
            </tr>
        @endforeach
    </tbody>
</table>
@if ($state->hooks !== [])<p class="quiet">Hooks kept to be tried: {{ implode(' · ', $state->hooks) }}</p>@endif
@endsection
