@extends('layouts.app')
@section('title', 'Languages of '.$page->short->title)
@section('content')
<div x-data="machines('{{ route('versions.state', [$page->short, 'in' => $page->chosen]) }}',
    @js($page->isWorking()))">
<div class="page-head">
    <div>
        <x-crumb :short="$page->short"/>
        <h1>In other languages</h1>
        <p class="lead" x-ref="lead">{{ $page->lead() }}</p>
    </div>
</div>
@if (session('saved'))<p class="notice" role="status">{{ session('saved') }}</p>@endif
@if (session('findings'))
    <ul class="notice findings">@foreach (session('findings') as $one)<li>{{ $one }}</li>@endforeach</ul>
@endif
<div class="version-cols">
    <aside aria-label="Versions">
        <div x-ref="rows">@include('versions._list', ['page' => $page])</div>
        <details class="more-languages" @if ($page->cards === []) open @endif>
            <summary>Add languages</summary>
            <form method="post" action="{{ route('versions.make', $page->short) }}">
                @csrf
                @include('versions._order', ['offered' => $page->offered])
                <button class="btn btn-primary" data-key="m" data-key-does="Make the chosen versions">Make</button>
                <p class="quiet">{{ $page->about }}</p>
            </form>
        </details>
    </aside>
    @if ($page->sheet)
        @include('versions._sheet', ['sheet' => $page->sheet])
    @else
        <p class="empty">Choose languages and press Make: each becomes a short of its own beside this one, with the
            same pictures. What a voice reads is voiced by one of its language; for others the captions stand over the
            first voice.</p>
    @endif
</div>
</div>
@endsection
