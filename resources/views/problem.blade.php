@extends('layouts.app')
@section('title', $title)
@section('content')
<div class="problem">
    <h1>{{ $title }}</h1>
    <p>{{ $said }}</p>
    <p><a class="btn btn-primary" href="{{ route('batches.index') }}">To the batches</a></p>
</div>
@endsection
