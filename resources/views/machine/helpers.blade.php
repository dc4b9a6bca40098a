@extends('layouts.app')
@section('title', 'Machines that make')
@section('content')
<div x-data="machines('{{ route('machine.helpers.state') }}', @js($page->isBusy()))">
<div class="page-head">
    <div>
        <h1>Machines that make</h1>
        <p class="lead" x-ref="lead">{{ $page->lead() }}</p>
    </div>
    <div class="actions">
        <a class="btn btn-outline-dark" href="{{ route('machine.helpers') }}" data-key="g" data-key-does="Look again"
            >Look again</a>
        <a class="btn btn-outline-dark" href="{{ route('machine') }}">This machine</a>
    </div>
</div>
@if (! $page->isSet)
    <p class="notice">Other machines can make what this one orders, and a batch is done so much sooner.
        <code>bin/demo --farm</code> shows it with two of them on this machine; <code>docs/machines.md</code> tells how
        one is set up. It costs one setting here, <code>REEL_FARM_REDIS</code>.</p>
@else
    <div x-ref="rows">@include('machine._helpers')</div>
@endif
</div>
@endsection
