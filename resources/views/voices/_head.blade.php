<p class="lead voice-lead">
    {{ count($page->scenes) }} scenes · dead air saved: <b>{{ $page->saved }} s</b>
    @if ($page->recordings->isWaiting) · <span class="state state-working">finding the words</span>
        @if ($page->recordings->waits !== '')<span class="quiet">{{ $page->recordings->waits }}</span>@endif
    @endif
</p>
@if ($page->offered > 1)
    <p class="notice">
        {{ $page->offered }} scenes have a new reading. Listen to them, then
        <button type="button" class="link" data-do="{{ route('readings.all', $page->short) }}" data-body="{}">
            use all of them
        </button>.
    </p>
@endif
@foreach ($page->recordings->failed as $recording)
    <p class="notice notice-problem" role="alert">
        “{{ $recording->name }}”: {{ $recording->problem }}
        <button type="button" class="link" data-do="{{ route('recordings.again', $recording) }}" data-body="{}"
            aria-label="Look for the words of {{ $recording->name }} again">Look again</button>
        <button type="button" class="link" data-do="{{ route('recordings.destroy', $recording) }}"
            data-method="DELETE" data-body="{}"
            aria-label="Delete the recording {{ $recording->name }}">Delete it</button>
    </p>
@endforeach
@if ($page->recordings->kept !== [])
    <details class="kept-recordings">
        @php($count = count($page->recordings->kept))
        <summary>{{ $count }} {{ Str::plural('recording', $count) }} kept</summary>
        <ul>
            @foreach ($page->recordings->kept as $recording)
                <li>
                    {{ $recording->name }}
                    <button type="button" class="link" data-do="{{ route('recordings.destroy', $recording) }}"
                        data-method="DELETE" data-body="{}"
                        aria-label="Delete the recording {{ $recording->name }}">Delete</button>
                </li>
            @endforeach
        </ul>
    </details>
@endif
