@extends('layouts.app')
@section('title', 'Sign in')
@section('content')
<div class="door">
    <h1 class="door-name">Rapid Reel</h1>
    <p class="door-line">Scripts in. Captioned vertical videos out, a batch at a time.</p>
    <form method="post" action="{{ url('/sign-in') }}" class="door-form">
        @csrf
        @if (session('saved'))<p class="notice" role="status">{{ session('saved') }}</p>@endif
        @if ($errors->any())
            <p class="notice notice-problem" role="alert">{{ $errors->first() }}</p>
        @endif
        <label for="email">E-mail</label>
        <input id="email" name="email" type="email" class="form-control"
            value="{{ old('email', $demo['email'] ?? '') }}" autocomplete="username" required autofocus>
        <label for="password">Password</label>
        <input id="password" name="password" type="password" class="form-control" autocomplete="current-password"
            required>
        <label class="door-stay"><input type="checkbox" class="form-check-input" name="remember" value="1">
            Stay signed in
        </label>
        <button class="btn btn-primary">Sign in</button>
        @if (config('reel.mail') === true)
            <p class="quiet"><a href="{{ route('forgotten') }}">Forgotten your password?</a></p>
        @else
            <p class="quiet">Forgotten your password? Whoever runs this machine can set another.</p>
        @endif
    </form>
    @if ($demo)
        <dl class="door-demo">
            <dt>This is the demo. Its account:</dt>
            <dd><code>{{ $demo['email'] }}</code></dd>
            <dd>password <code>{{ $demo['password'] }}</code></dd>
        </dl>
    @endif
</div>
@endsection
