@foreach ($page->rows as $row)
    @php($export = $row->export)
    <tr id="export-{{ $export->id }}" data-id="{{ $export->id }}">
        <td class="num">{{ $row->position ?? ($row->isOpen() ? 'now' : '') }}</td>
        <td class="what"><a href="{{ route('shorts.show', $export->short) }}">{{
            sprintf('%02d', $export->short->number)
        }} {{ $export->short->title }}</a></td>
        <td>{{ $export->quality->value }}{{ $row->target === '' ? '' : ', '.$row->target }}</td>
        <td class="queue-state">
            <span @class(['state', 'state-working' => $row->isOpen(), 'state-ready' => $row->says() === 'ready',
                'state-failed' => $row->says() === 'failed'])>{{ $row->says() }}</span>
            @if ($row->isOpen() && ! $row->waits())
                <progress class="bar" max="100" value="{{ $export->percent }}" aria-label="Progress">{{
                    $export->percent
                }} %</progress>
            @elseif ($export->problem !== null && ! $row->isOpen())
                <span class="flag">{{ $export->problem }}</span>
            @endif
        </td>
        <td class="num">{{ $row->left() }}</td>
        <td class="queue-acts">
            @if ($row->waits() && $row->position > 1)
                <button type="button" class="link" data-verb="first"
                    aria-label="Make {{ $export->short->title }} first">First</button>
            @endif
            @if ($row->isOpen())
                <button type="button" class="link" data-verb="cancel"
                    aria-label="Stop {{ $export->short->title }}">Stop</button>
            @elseif ($row->says() !== 'ready')
                <button type="button" class="link" data-verb="again"
                    aria-label="Make {{ $export->short->title }} again">Try again</button>
            @else
                <a href="{{ route('exports.file', [$export, 'mp4', 'save' => 1]) }}"
                    aria-label="Download {{ $export->short->title }}">MP4</a>
            @endif
        </td>
    </tr>
@endforeach
