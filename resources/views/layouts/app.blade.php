<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    <title>@yield('title') · Rapid Reel</title>
    <link rel="icon" href="data:image/svg+xml,%3Csvg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 16 16'%3E%3Crect width='16' height='16' fill='%231c2326'/%3E%3Crect x='5' y='2' width='6' height='12' fill='%23f7f2e8'/%3E%3Crect x='5' y='9' width='6' height='2' fill='%23b4331a'/%3E%3C/svg%3E">
    @vite(['resources/css/app.css', 'resources/js/app.js'])
</head>
<body>
@auth
    <a class="visually-hidden-focusable" href="#main">To the content</a>
    <header class="masthead">
        <a class="masthead-name" href="{{ route('batches.index') }}">Rapid Reel</a>
        <nav aria-label="Main">
            <a href="{{ route('batches.index') }}" data-key="b" data-key-does="Batches" @class(['is-here' => request()->routeIs('batches.*', 'shorts.*', 'briefs.*', 'voice.*')])>Batches</a>
            <a href="{{ route('intake') }}" data-key="n" data-key-does="New batch" @class(['is-here' => request()->routeIs('intake')])>Intake</a>
            <a href="{{ route('drafts') }}" data-key="w" data-key-does="Drafts" @class(['is-here' => request()->routeIs('drafts')])>Drafts</a>
            <a href="{{ route('footage.index') }}" data-key="f" data-key-does="Footage" @class(['is-here' => request()->routeIs('footage.*')])>Footage</a>
            <a href="{{ route('voices.index') }}" data-key="v" data-key-does="Voices" @class(['is-here' => request()->routeIs('voices.*')])>Voices</a>
            <a href="{{ route('house') }}" data-key="h" data-key-does="House style" @class(['is-here' => request()->routeIs('house')])>House style</a>
        </nav>
        <div class="masthead-end">
            <button type="button" class="link" data-bs-toggle="modal" onclick="Modal.getOrCreateInstance('#keys').show()">Keys <kbd>?</kbd></button>
            <span class="masthead-who">{{ auth()->user()->name }}</span>
            <form method="post" action="{{ route('sign-out') }}">@csrf<button class="link">Sign out</button></form>
        </div>
    </header>
@endauth
    <main id="main" class="page">
        @if (session('problem'))
            <p class="notice notice-problem" role="alert">{{ session('problem') }}</p>
        @endif
        @yield('content')
    </main>
    <div class="modal" id="keys" tabindex="-1" aria-labelledby="keys-title" aria-hidden="true">
        <div class="modal-dialog"><div class="modal-content">
            <div class="modal-header"><h2 class="modal-title" id="keys-title">Keys on this page</h2><button type="button" class="btn-close" data-bs-dismiss="modal" aria-label="Close"></button></div>
            <div class="modal-body"><dl class="keys"></dl></div>
        </div></div>
    </div>
</body>
</html>
