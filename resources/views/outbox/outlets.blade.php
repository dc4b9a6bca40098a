@extends('layouts.app')
@section('title', 'Outlets')
@section('content')
<div class="page-head">
    <div>
        <p class="crumb"><a href="{{ route('calendar.show') }}">Outbox</a></p>
        <h1>Outlets</h1>
        <p class="lead">Where the shorts of {{ $page->channel->name }} go, and at which hours.</p>
    </div>
</div>
@if (session('saved'))<p class="notice" role="status">{{ session('saved') }}</p>@endif
@if ($page->problem !== '')<p class="notice notice-problem" role="alert">{{ $page->problem }}</p>@endif
@foreach ($page->cards as $card)
    @php($outlet = $card->outlet)
    <section class="outlet" id="outlet-{{ $outlet->id }}" aria-label="Outlet {{ $outlet->name }}">
        <header>
            <h2>{{ $outlet->name }}</h2>
            <p class="quiet">{{ $card->kind() }} · {{ $card->planned }} planned · {{ $card->posted }} posted{{
                $outlet->held ? ' · paused' : '' }}</p>
            @if ($card->problem() !== '')<p class="flag">{{ $card->problem() }}</p>@endif
        </header>
        <form method="post" action="{{ route('outlets.update', $outlet) }}" class="outlet-form">
            @csrf @method('put')
            <label>Name <input class="form-control form-control-sm" name="name" maxlength="60"
                value="{{ $outlet->name }}" required></label>
            <label>Made for <select class="form-select form-select-sm" name="target">
                <option value="">what each short is made for</option>
                @foreach ($page->targets as $id => $label)
                    <option value="{{ $id }}" @selected($outlet->target === (string) $id)>{{ $label }}</option>
                @endforeach
            </select></label>
            <label>Takes <select class="form-select form-select-sm" name="language">
                @foreach ($page->languages($outlet->language) as $id => $label)
                    <option value="{{ $id }}" @selected($outlet->language === (string) $id)>{{ $label }}</option>
                @endforeach
            </select></label>
            <label>Hours <input class="form-control form-control-sm" name="hours" maxlength="300"
                value="{{ $outlet->hours }}" placeholder="8:00, 18:00" required></label>
            <label>A day <input class="form-control form-control-sm outlet-few" name="per_day" inputmode="numeric"
                value="{{ $outlet->per_day }}" required></label>
            <label>Days off <input class="form-control form-control-sm" name="days_off" maxlength="60"
                value="{{ $outlet->days_off }}" placeholder="sat, sun"></label>
            <label>1,000 views bring <span class="outlet-rate"><input class="form-control form-control-sm" name="rate"
                inputmode="decimal" value="{{ $outlet->pays()->written() }}"><input
                class="form-control form-control-sm outlet-few" name="currency" maxlength="3"
                value="{{ $outlet->currency }}" aria-label="Currency"></span></label>
            <label class="outlet-check"><input type="checkbox" class="form-check-input" name="as_draft" value="on"
                @checked($outlet->as_draft)> as a draft, for nobody to see yet</label>
            <button class="btn btn-sm btn-primary">Save</button>
        </form>
        <div class="outlet-acts">
            @if ($card->wantsSignIn() && $outlet->tokens === null)
                <span x-data="away('{{ route('outlets.sign-in', $outlet) }}')">
                    <button type="button" class="btn btn-sm btn-primary" @click="go()">Sign in at {{
                        $outlet->name }}</button> <span class="flag" role="alert" x-text="problem"></span></span>
            @elseif ($card->wantsSignIn())
                <form method="post" action="{{ route('outlets.sign-out', $outlet) }}">
                    @csrf<button class="link" aria-label="Sign out at {{ $outlet->name }}">Sign out
                        there</button></form>
            @endif
            <form method="post" action="{{ route('outlets.hold', $outlet) }}">@csrf
                <button class="link" name="do" value="{{ $outlet->held ? 'go' : 'hold' }}"
                    aria-label="{{ $outlet->held ? 'Go on with' : 'Pause' }} {{ $outlet->name }}">{{
                        $outlet->held ? 'Go on' : 'Pause' }}</button></form>
            @if ($card->posted === 0)
                <form method="post" action="{{ route('outlets.destroy', $outlet) }}">@csrf @method('delete')
                    <button class="link" aria-label="Remove {{ $outlet->name }}">Remove</button></form>
            @endif
        </div>
    </section>
@endforeach
<section class="outlet" aria-label="A new outlet">
    <header><h2>{{ $page->cards === [] ? 'The first outlet' : 'Another outlet' }}</h2>
        <p class="quiet">Folders, disks,
            servers and services that this machine knows. Whoever runs it names more of them
            in its file of outlets.</p></header>
    <form method="post" action="{{ route('outlets.store') }}" class="outlet-form">
        @csrf
        <label>Place <select class="form-select form-select-sm" name="place">
            @foreach ($page->places as $place)
                <option value="{{ $place->id }}">{{ $place->name }} ({{ $place->kind->label() }})</option>
            @endforeach
        </select></label>
        <label>Name <input class="form-control form-control-sm" name="name" maxlength="60"
            placeholder="as its place"></label>
        <button class="btn btn-sm btn-outline-dark">Add the outlet</button>
    </form>
</section>
<section class="outlet" aria-label="For all outlets">
    <header><h2>For all of them</h2>
        <p class="quiet">What holds for all that leaves. Titles and descriptions are filled in from the script:
            {hook}, {title}, {beats}, {close}, {standing}, {tags}, {channel}, {batch}, {number}; a stroke between
            blanks begins a new line.</p></header>
    <div class="scopes">@foreach ($page->controls as $control)<x-scope :$control/>@endforeach</div>
</section>
@endsection
