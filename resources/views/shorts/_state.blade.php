@php($export = $row->export())
@if ($export?->state->isOpen())
    <span class="state state-working">{{ $row->state }}</span>
    <progress class="bar" max="100" value="{{ $export->percent }}" aria-label="Progress">
        {{ $export->percent }} %
    </progress>
    <span class="under" @if ($row->waits) title="{{ $row->waits->fully }}" @endif>
        @if ($row->waits){{ $row->waits->shortly }}
        @else {{ $export->percent }} %{{ $export->seconds_left !== null ? ' · '.$export->seconds_left.' s left' : '' }}
        @endif
    </span>
    <form method="post" action="{{ route('exports.cancel', $export) }}">
        @csrf<button class="link" aria-label="Stop making {{ $row->short->title }}">Stop</button>
    </form>
@elseif ($row->state === 'failed' || $row->state === 'stopped')
    <span @class(['state', 'state-failed' => $row->state === 'failed'])>{{ $row->state }}</span>
    @if ($row->state === 'failed')<span class="under">{{ $export->problem }}</span>@endif
    <form method="post" action="{{ route('shorts.export', $row->short) }}">
        @csrf<input type="hidden" name="quality" value="{{ $export->quality->value }}"><button class="link"
            aria-label="Make {{ $row->short->title }} again">Again</button>
    </form>
@else
    <span class="state {{ $row->state === 'ready' ? 'state-ready' : '' }}">{{ $row->state }}</span>
    @foreach ($row->done()->findings ?? [] as $finding)
        @if ($row->state === 'ready')<span class="under flag">{{ $finding['message'] }}</span>@endif
    @endforeach
    @if ($row->state === 'ready' && $export?->segments_made !== null)
        <span class="under">{{ $export->segments_made }} segments made, {{ $export->segments_kept }} kept</span>
    @elseif ($row->waits)
        <span class="under" title="{{ $row->waits->fully }}">to be planned: {{ $row->waits->shortly }}</span>
    @elseif ($row->isStale())
        <span class="under">export again for a fresh file</span>
    @endif
@endif
