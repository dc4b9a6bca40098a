@extends('layouts.app')
@section('title', 'Machine')
@section('content')
<div class="page-head">
    <div>
        <h1>Machine</h1>
        <p class="lead">{{ $page->isAlive() ? 'Workers are there.'
            : 'No worker is there: nothing is made while none runs.' }}
            {{ $page->missing() === [] ? 'Nothing is missing.' : count($page->missing()).' things are missing.' }}</p>
    </div>
    <div class="actions">
        <a class="btn btn-outline-dark" href="{{ route('machine') }}" data-key="g" data-key-does="Look again">Look
            again</a>
        <a class="btn btn-outline-dark" href="{{ route('machine', ['thorough' => 1]) }}">Check everything</a>
        <a class="btn btn-outline-dark" href="{{ route('machine.helpers') }}">Machines that make</a>
        <a class="btn btn-outline-dark" href="{{ route('machine.disk') }}">What fills the disk</a>
    </div>
</div>
@if (! $page->isAlive())
    <p class="notice notice-problem" role="alert">No worker is at anything, and none has been seen alive. On this
        machine <code>bin/demo</code> starts them; on a server see <code>docs/deploy</code>.</p>
@endif
<section class="house-lists">
    <div>
        <h2>Workers</h2>
        <ul class="plain-list">
            @foreach ($page->workers as $worker)
                <li><b>{{ $worker['name'] }}</b> {{ $worker['at'] }}
                    <span class="quiet">{{ $worker['since'] }}</span></li>
            @endforeach
            <li>{{ $page->idle }} more {{ $page->idle === 1 ? 'is' : 'are' }} alive and at nothing</li>
        </ul>
    </div>
    <div>
        <h2>Waiting</h2>
        <ul class="plain-list">
            @forelse ($page->lanes as $lane)
                <li>{{ $lane['waiting'] }} in <b>{{ $lane['lane'] }}</b>
                    <span class="quiet">the oldest {{ $lane['oldest'] }}</span></li>
            @empty
                <li class="quiet">Nothing waits.</li>
            @endforelse
            @if ($page->failed > 0)<li class="flag">{{ $page->failed }} failed and were given up</li>@endif
        </ul>
    </div>
    <div>
        <h2>What is here</h2>
        <ul class="plain-list">
            @foreach ($page->checks as $check)
                <li><span @class(['state', $check['ok'] ? 'state-ready' : 'state-failed'])>{{ $check['check'] }}</span>
                    <span class="quiet">{{ $check['found'] }}</span></li>
            @endforeach
        </ul>
        @unless ($isThorough)
            <p class="quiet">Voices and filters are tried by “Check everything”, which takes a few seconds.</p>
        @endunless
    </div>
    <div>
        <h2>Versions</h2>
        <ul class="plain-list">
            @foreach ($page->versions as [$what, $which])<li>{{ $what }} <span class="quiet">{{ $which }}</span></li>
            @endforeach
        </ul>
    </div>
    <div class="house-lists-wide">
        <h2>What went wrong lately</h2>
        <ul class="plain-list">
            @forelse ($page->errors as $error)
                <li>{{ $error['message'] }}
                    <span class="quiet">{{ $error['count'] === 1 ? 'once' : "$error[count] times"
                        }}, last {{ $error['last'] }}</span></li>
            @empty
                <li class="quiet">Nothing that is in the log.</li>
            @endforelse
        </ul>
    </div>
</section>
@endsection
