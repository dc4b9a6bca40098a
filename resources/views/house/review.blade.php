@extends('layouts.app')
@section('title', 'What stops a short')
@section('content')
<div class="page-head">
    <div>
        <p class="crumb"><a href="{{ route('house') }}">House style</a></p>
        <h1>What stops a short</h1>
        <p class="lead">Shorts are looked through before they are exported. What stops one keeps it from being exported
            for publishing and from being cleared; what warns is shown; what is ignored is not.</p>
    </div>
</div>
@if (session('saved'))<p class="notice" role="status">{{ session('saved') }}</p>@endif
@if ($errors->any())<p class="notice notice-problem" role="alert">{{ $errors->first() }}</p>@endif
<form method="post" action="{{ route('rules.update') }}" class="rules">
    @csrf @method('put')
    <table class="target-rows rules-rows">
        <thead>
            <tr>
                <th scope="col">Finding</th><th scope="col">What it looks for</th>
                <th scope="col">Stops</th><th scope="col">Warns</th><th scope="col">Ignored</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($kinds as $kind)
                @php($set = $severities->of($kind))
                <tr>
                    <th scope="row">{{ ucfirst($kind->label()) }}</th>
                    <td>{{ $kind->says() }}</td>
                    @foreach (['stops', 'warns', 'ignored'] as $severity)
                        <td class="rules-choice"><label data-says="{{ $severity }}"><input
                            type="radio" class="form-check-input"
                            name="{{ $kind->value }}" value="{{ $severity }}" @checked($set->value === $severity)
                            aria-label="{{ ucfirst($kind->label()) }} {{
                                $severity === 'ignored' ? 'is ignored' : $severity
                            }}">
                            @if ($kind->usual()->value === $severity)
                                <span class="quiet">default</span>
                            @endif</label></td>
                    @endforeach
                </tr>
            @endforeach
        </tbody>
    </table>
    <label class="rules-words">
        <b>Words that are not said</b>
        <span class="quiet">Words or phrases with commas between; titles, tags and cards are looked through too.</span>
        <textarea class="form-control" name="forbidden" rows="3" maxlength="2000">{{
            old('forbidden', $forbidden)
        }}</textarea>
    </label>
    <button class="btn btn-primary">Save</button>
    <a class="link" href="{{ route('house') }}">Cancel</a>
</form>
@endsection
