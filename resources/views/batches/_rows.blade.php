@foreach ($rows as $row)
    <tr @class(['is-working' => $row->isWorking])>
        <td class="tick"><input type="checkbox" class="form-check-input" id="choose-{{ $row->short->id }}" value="{{ $row->short->id }}" x-model="chosen" aria-label="Choose {{ $row->short->title }}"></td>
        <td class="number">{{ sprintf('%02d', $row->short->number) }}</td>
        <td class="cover">
            @if ($row->done)
                <img src="{{ route('exports.poster', $row->done) }}" alt="" width="36" height="64" loading="lazy">
            @else
                <span class="cover-none" aria-hidden="true"></span>
            @endif
        </td>
        <td class="what">
            <a href="{{ route('shorts.show', $row->short) }}">{{ $row->short->title }}</a>
            <span>{{ $row->short->scenes_count }} scenes{{ $row->pace ? ' · '.$row->pace : '' }}</span>
            @foreach ($row->flags as $flag)
                <span class="flag">{{ $flag->message }}</span>
            @endforeach
            @if ($row->short->problem)
                <span class="flag" role="alert">{{ $row->short->problem }}</span>
            @endif
        </td>
        <td class="axis">
            @if ($row->strip)
                <x-strip :strip="$row->strip"/>
            @else
                <span class="quiet">times come with the voice</span>
            @endif
        </td>
        <td class="num">
            @if ($row->strip)
                <b @class(['is-over' => $row->strip->over])>{{ $row->strip->seconds }}</b><span> / {{ $row->strip->limitSeconds }} s</span>
                <span class="under {{ $row->strip->hookLate ? 'is-late' : '' }}">hook {{ $row->strip->hookSeconds }} s</span>
            @endif
        </td>
        <td class="how">@include('shorts._state', ['row' => $row])</td>
        <td class="files">
            @if ($row->done)
                <a href="{{ route('exports.file', [$row->done, 'mp4', 'save' => 1]) }}" class="btn btn-sm btn-outline-dark" aria-label="Download {{ $row->short->title }} as MP4">MP4</a>
                <span class="under">{{ number_format($row->done->bytes / 1048576, 1) }} MB{{ $row->done->quality === RapidReel\Render\Quality::Draft ? ', draft' : '' }}</span>
            @endif
        </td>
    </tr>
@endforeach
