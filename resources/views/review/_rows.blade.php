@foreach ($page->rows as $row)
    <a href="{{ route('review.show', [$page->batch, 'short' => $row->short()->id]) }}"
        id="short-{{ $row->short()->id }}" data-id="{{ $row->short()->id }}"
        data-state="{{ $row->state() }}" @class(['review-row', 'is-'.$row->state()])>
        <span class="num">{{ sprintf('%02d', $row->short()->number) }}</span>
        <span class="review-title">{{ $row->short()->title }}</span>
        <span class="review-state">{{ $row->says() }}</span>
        <span class="review-counts">
            @if ($row->stops() > 0)
                <b class="is-stop" title="{{ $row->stops() }} that stop it">■ {{ $row->stops() }}</b>
            @endif
            @if ($row->warns() > 0)<span title="{{ $row->warns() }} to look at">△ {{ $row->warns() }}</span>@endif
        </span>
    </a>
@endforeach
