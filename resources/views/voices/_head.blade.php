<p class="lead voice-lead">
    {{ count($page->scenes) }} scenes · dead air saved: <b>{{ $page->saved }} s</b>
    @if ($page->isWaiting) · <span class="state state-working">finding the words</span>@endif
</p>
@if ($page->offered > 1)
    <p class="notice">
        {{ $page->offered }} scenes have a new reading. Listen to them, then
        <button type="button" class="link" data-do="{{ route('readings.all', $page->short) }}" data-body="{}">
            use all of them
        </button>.
    </p>
@endif
@foreach ($page->failed as $recording)
    <p class="notice notice-problem" role="alert">“{{ $recording->name }}”: {{ $recording->problem }}</p>
@endforeach
