@extends('layouts.app')
@section('title', 'New password')
@section('content')
<div class="door">
    <h1 class="door-name">Rapid Reel</h1>
    <p class="door-line">Choose a new password.</p>
    <form method="post" action="{{ $to }}" class="door-form">
        @csrf
        @if ($errors->any())<p class="notice notice-problem" role="alert">{{ $errors->first() }}</p>@endif
        <label for="password">A password, of at least {{ $shortest }} characters</label>
        <input id="password" name="password" type="password" class="form-control" autocomplete="new-password" required
            autofocus>
        <button class="btn btn-primary">Save it</button>
    </form>
</div>
@endsection
