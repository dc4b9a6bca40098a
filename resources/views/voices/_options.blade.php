@foreach (collect($voices)->groupBy('language') as $language => $group)
    <optgroup label="{{ $language }}">@foreach ($group as $voice)<option value="{{ $voice->id }}" @selected($chosen === $voice->id)>{{ $voice->name }}, {{ $voice->accent }}, {{ $voice->register }}</option>@endforeach</optgroup>
@endforeach
