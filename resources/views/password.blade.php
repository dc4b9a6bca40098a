@extends('layouts.app')
@section('title', 'Password')
@section('content')
<h1>Password</h1>
<p class="lead">A new one signs you out wherever else you are signed in.</p>
<form method="post" action="{{ route('password.change') }}" class="password-form">
    @csrf
    @method('PUT')
    @if ($errors->any())
        <p class="notice notice-problem" role="alert">{{ $errors->first() }}</p>
    @elseif (session('saved'))
        <p class="notice" role="status">It is changed.</p>
    @endif
    @foreach ([
        ['current', 'The password you have now', 'current-password'],
        ['password', "A new one, of at least $shortest characters", 'new-password'],
        ['again', 'The new one again', 'new-password'],
    ] as [$name, $label, $fills])
        <label for="{{ $name }}">{{ $label }}</label>
        <input id="{{ $name }}" name="{{ $name }}" type="password" class="form-control" autocomplete="{{ $fills }}"
            required>
    @endforeach
    <button class="btn btn-primary">Change it</button>
</form>
@endsection
