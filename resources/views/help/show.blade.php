@extends('layouts.app')
@section('title', 'Guide')
@section('content')
<div class="help-cols">
    <nav class="help-contents" aria-label="Contents">
        @foreach ($guide->contents as $one)
            @if ($one['level'] === 2)
                <a href="#{{ $one['anchor'] }}" class="help-part">{{ $one['name'] }}</a>
            @elseif ($one['level'] === 3)
                <a href="#{{ $one['anchor'] }}">{{ $one['name'] }}</a>
            @endif
        @endforeach
    </nav>
    <article class="help-text">{!! $guide->html !!}</article>
</div>
@endsection
