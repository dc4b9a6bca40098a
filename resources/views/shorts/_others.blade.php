@foreach ($row->others as $other)
    <span @class(['other-target', 'is-failed' => $other->isFailed()])
        @if ($other->isFailed()) title="{{ $other->export->problem }}" @endif>
        {{ $other->label }}: {{ $other->state }}
        @if ($other->isFailed())<span class="under">{{ $other->export->problem }}</span>@endif
        @if ($other->done)
            <a href="{{ route('exports.file', [$other->done, 'mp4', 'save' => 1]) }}"
                aria-label="Download {{ $row->short->title }} for {{ $other->label }} as MP4">MP4</a>
        @endif
    </span>
@endforeach
