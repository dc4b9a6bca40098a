@extends('layouts.app')
@section('title', 'What fills the disk')
@section('content')
<div x-data="machines('{{ route('machine.disk.state', ['page' => $page->batches->currentPage()]) }}',
    @js($page->doing !== ''))">
<div class="page-head">
    <div>
        <h1>What fills the disk</h1>
        <p class="lead" x-ref="lead">{{ $page->lead() }}</p>
    </div>
    <form class="actions" method="post" action="{{ route('machine.disk.act') }}">
        @csrf
        <button class="btn btn-outline-dark" name="do" value="measure" data-key="g" data-key-does="Measure the disk"
            >Measure</button>
        <button class="btn btn-outline-dark" name="do" value="tidy">Tidy now</button>
        <a class="btn btn-outline-dark" href="{{ route('machine') }}">This machine</a>
    </form>
</div>
@if ($page->problem !== '')<p class="notice notice-problem" role="alert">{{ $page->problem }}</p>@endif
<form class="disk-rules" method="post" aria-label="What holds" action="{{ route('machine.disk.update') }}">
    @csrf @method('put')
    <label>What can be made again may take
        <input class="form-control form-control-sm" name="gigabytes" inputmode="numeric" size="6"
            value="{{ $page->rules->gigabytes }}" placeholder="any"> GB: the oldest and the cheapest to make goes
        first, nothing that is in use</label>
    @if ($page->other === '')
        <p class="quiet">Finished files stay on this disk. Name a folder of another one, or a bucket, by
            <code>REEL_FINISHED</code>, and they can be moved there by age; they are downloaded from their pages as
            before. See <code>docs/operation.md</code>.</p>
        <input type="hidden" name="days" value="{{ $page->rules->days }}">
    @else
        <label>Finished files move to <code>{{ $page->other }}</code> after
            <input class="form-control form-control-sm" name="days" inputmode="numeric" size="5"
                value="{{ $page->rules->days }}" placeholder="never"> days, and are downloaded from their
            pages as before</label>
    @endif
    <button class="btn btn-sm btn-dark">Let this hold</button>
</form>
<div x-ref="rows">@include('machine._disk')</div>
</div>
@endsection
