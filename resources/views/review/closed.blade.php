@extends('layouts.guest')
@section('title', 'Nothing here')
@section('content')
<div class="problem"><h1>Nothing here</h1><p>{{ $said }}</p></div>
@endsection
