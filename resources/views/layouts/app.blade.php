<!doctype html>
<html lang="en">
<head>
    @include('layouts._head')
</head>
<body>
@auth
    <a class="visually-hidden-focusable" href="#main">To the content</a>
    <header class="masthead">
        <a class="masthead-name" href="{{ route('batches.index') }}">Rapid Reel</a>
        <nav aria-label="Main">
            @foreach ([
                [
                    'batches.index', 'Batches', 'b', 'Batches',
                    ['batches.*', 'shorts.*', 'briefs.*', 'voice.*', 'history.*', 'captions.*',
                        'sheet.*', 'pace.*', 'review.*', 'queue.*', 'versions.*'],
                ],
                ['intake', 'Intake', 'n', 'New batch', ['intake']],
                ['sketches', 'Sketches', 'w', 'Sketches', ['sketches']],
                ['footage.index', 'Footage', 'f', 'Footage', ['footage.*']],
                ['voices.index', 'Voices', 'v', 'Voices', ['voices.*']],
                ['sounds.index', 'Sound', 'q', 'Music and effects', ['sounds.*']],
                ['calendar.show', 'Outbox', '9', 'Outbox', ['calendar.*', 'outlets.*', 'outbox.*']],
                ['results.show', 'Results', '0', 'Results', ['results.*']],
                ['house', 'House style', 'h', 'House style', ['house', 'styles', 'targets.*', 'rules.*', 'channels.*']],
            ] as [$route, $name, $key, $does, $routes])
                <a href="{{ route($route) }}" data-key="{{ $key }}" data-key-does="{{ $does }}"
                    @class(['is-here' => request()->routeIs($routes)])>{{ $name }}</a>
            @endforeach
        </nav>
        <div class="masthead-end">
            <a href="{{ route('help') }}#{{ $masthead->topic }}" data-help>Help <kbd>F1</kbd></a>
            <button type="button" class="link" data-opens="keys">Keys <kbd>?</kbd></button>
            <details class="channels">
                <summary aria-label="Channel {{ $masthead->channel->name }}: change">{{
                    $masthead->channel->name
                }}</summary>
                <div class="channels-list">
                    @foreach ($masthead->others as $other)
                        <form method="post" action="{{ route('channels.enter', $other) }}">
                            @csrf<button class="link">{{ $other->name }}</button>
                        </form>
                    @endforeach
                    <a href="{{ route('channels.index') }}">Channels and files</a>
                    @if (auth()->user()->isKeeper())<a href="{{ route('machine') }}">Machine</a>@endif
                    <a href="{{ route('password') }}">Account</a>
                    <form method="post" action="{{ route('sign-out') }}">
                        @csrf<button class="link">Sign out {{ auth()->user()->name }}</button>
                    </form>
                </div>
            </details>
        </div>
    </header>
@endauth
    <main id="main" class="page">
        @if ($noRoom !== '')
            <p class="notice notice-problem" role="status">{{ $noRoom }}</p>
        @endif
        @if (session('problem'))
            <p class="notice notice-problem" role="alert">{{ session('problem') }}</p>
        @endif
        @if (($role ?? null) === App\Shelves\Models\Role::Look)
            <p class="quiet">You may look at this channel and clear its shorts.</p>
        @endif
        @yield('content')
    </main>
    <div class="modal" id="keys" tabindex="-1" aria-labelledby="keys-title" aria-hidden="true">
        <div class="modal-dialog"><div class="modal-content">
            <div class="modal-header">
                <h2 class="modal-title" id="keys-title">Keys on this page</h2>
                <button type="button" class="btn-close" data-bs-dismiss="modal" aria-label="Close"></button>
            </div>
            <div class="modal-body"><dl class="keys"></dl></div>
        </div></div>
    </div>
</body>
</html>
