@php($offered = collect($scenes)->filter(fn ($one) => $one['offered'] !== null))
<p class="lead voice-lead">{{ count($scenes) }} scenes · dead air saved: <b>{{ $saved }} s</b>@if ($waiting) · <span class="state state-working">finding the words</span>@endif</p>
@if ($offered->count() > 1)
    <p class="notice">{{ $offered->count() }} scenes have a new reading. Listen to them, then <button type="button" class="link" data-do="{{ route('readings.all', $short) }}" data-body="{}">use all of them</button>.</p>
@endif
@foreach ($failed as $recording)
    <p class="notice notice-problem" role="alert">“{{ $recording->name }}”: {{ $recording->problem }}</p>
@endforeach
