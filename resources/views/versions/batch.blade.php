@extends('layouts.app')
@section('title', 'Languages of '.$batch->name)
@section('content')
<div class="page-head">
    <div>
        <p class="crumb"><a href="{{ route('batches.index') }}">Batches</a> /
            <a href="{{ route('batches.show', $batch) }}">{{ $batch->name }}</a></p>
        <h1>In other languages</h1>
        <p class="lead">{{ count($shorts) === 1 ? 'One short' : count($shorts).' shorts' }}, each in every language
            that is chosen here. What is there already stays.</p>
    </div>
</div>
<form class="version-batch" method="post" action="{{ route('versions.all', $batch) }}">
    @csrf
    @foreach ($shorts as $short)<input type="hidden" name="shorts[]" value="{{ $short->id }}">@endforeach
    @include('versions._order', ['offered' => $offered])
    <button class="btn btn-primary" data-key="m" data-key-does="Make the chosen versions">Make versions</button>
    <ol class="version-shorts">@foreach ($shorts as $short)<li value="{{ $short->number }}">{{ $short->title }}</li>
    @endforeach</ol>
</form>
@endsection
