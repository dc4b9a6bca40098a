@extends('layouts.app')
@section('title', 'Join')
@section('content')
<div class="door">
    <h1 class="door-name">Rapid Reel</h1>
    <p class="door-line">You are asked to work in “{{ $channel->name }}”: you {{ $role->label() }}.</p>
    <form method="post" action="{{ route('join.go', $token) }}" class="door-form">
        @csrf
        @if ($errors->any())
            <p class="notice notice-problem" role="alert">{{ $errors->first() }}</p>
        @endif
        @auth
            <button class="btn btn-primary">Join as {{ auth()->user()->name }}</button>
        @else
            @foreach ([
                ['name', 'Your name', 'text', 'name'], ['email', 'E-mail', 'email', 'username'],
                ['password', "A password, of at least $shortest characters", 'password', 'new-password'],
            ] as [$name, $label, $type, $fills])
                <label for="{{ $name }}">{{ $label }}</label>
                <input id="{{ $name }}" name="{{ $name }}" type="{{ $type }}" class="form-control"
                    autocomplete="{{ $fills }}" value="{{ $type === 'password' ? '' : old($name) }}" required>
            @endforeach
            <button class="btn btn-primary">Make an account and join</button>
            <p class="quiet">You have an account? <a href="{{ route('sign-in') }}">Sign in</a>, then open this link
                again.</p>
        @endauth
    </form>
</div>
@endsection
