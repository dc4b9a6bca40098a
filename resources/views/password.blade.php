@extends('layouts.app')
@section('title', 'Account')
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
<section class="signed-in" aria-labelledby="signed-in">
    <h2 id="signed-in">Signed in at</h2>
    @if (session('ended'))<p class="notice" role="status">It is signed out there.</p>@endif
    <ul class="plain-list">
        @foreach ($places as $place)
            <li>{{ $place->address }} <span class="quiet">{{ Illuminate\Support\Str::limit($place->with, 90) }} ·
                seen {{ Illuminate\Support\Carbon::createFromTimestamp($place->seen_at)->diffForHumans() }}</span>
                @if ($place->id === $here)<b>here</b>
                @else
                    <form method="post" action="{{ route('sign-ins.end', $place->id) }}">
                        @csrf @method('delete')<button class="link">Sign out there</button>
                    </form>
                @endif
            </li>
        @endforeach
    </ul>
</section>
@endsection
