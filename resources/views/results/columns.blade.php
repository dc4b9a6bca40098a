@extends('layouts.app')
@section('title', 'A table of results')
@section('content')
<div class="page-head">
    <div>
        <p class="crumb"><a href="{{ route('results.show') }}">Results</a></p>
        <h1>What its columns mean</h1>
        <p class="lead">{{ number_format(count($table->rows)) }} rows. Said once, the next such table is known.</p>
    </div>
</div>
<form method="post" action="{{ route('results.table') }}">
    @csrf
    <textarea name="text" hidden>{{ $text }}</textarea>
    <table class="order results-columns">
        <thead><tr><th>Column</th><th>Means</th><th>First rows</th></tr></thead>
        <tbody>@foreach ($table->heads as $column => $head)
            <tr>
                <th scope="row">{{ $head === '' ? 'without a name' : $head }}</th>
                <td><select class="form-select form-select-sm" name="columns[{{ $column }}]"
                    aria-label="What {{ $head }} means">
                    <option value="">nothing that is kept</option>
                    @foreach (RapidReel\Making\Publish\Results\ResultsField::cases() as $field)
                        <option value="{{ $field->value }}" @selected(($columns[$column] ?? null) === $field)>{{
                            $field->label() }}</option>
                    @endforeach
                </select></td>
                <td class="quiet">@foreach (array_slice($table->rows, 0, 3) as $row){{
                    mb_strimwidth($row[$column] ?? '', 0, 30, '…') }}@if (! $loop->last) · @endif @endforeach</td>
            </tr>
        @endforeach</tbody>
    </table>
    <p class="outlet-form"><label>Of <select class="form-select form-select-sm" name="outlet">
        <option value="0">any outlet</option>
        @foreach ($outlets as $one)
            <option value="{{ $one->id }}" @selected($outlet?->id === $one->id)>{{ $one->name }}</option>
        @endforeach
    </select></label>
    <button class="btn btn-primary">Import it</button>
    <a class="link" href="{{ route('results.show') }}">Cancel</a></p>
</form>
@endsection
