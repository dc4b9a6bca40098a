@extends('layouts.app')
@section('title', 'Forgotten password')
@section('content')
<div class="door">
    <h1 class="door-name">Rapid Reel</h1>
    <p class="door-line">A new password, by mail.</p>
    @if ($sent)
        <p class="notice" role="status">If there is an account with this address, a link is on its way to it.</p>
    @endif
    <form method="post" action="{{ route('forgotten.send') }}" class="door-form">
        @csrf
        <label for="email">E-mail</label>
        <input id="email" name="email" type="email" class="form-control" autocomplete="username" required autofocus>
        <button class="btn btn-primary">Send the link</button>
        <p class="quiet"><a href="{{ route('sign-in') }}">Back to signing in</a></p>
    </form>
</div>
@endsection
