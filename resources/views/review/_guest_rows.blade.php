@foreach ($page->rows as $row)
    <a href="{{ route('guest.show') }}" id="short-{{ $row->short()->id }}" data-id="{{ $row->short()->id }}"
        data-state="{{ $row->state() }}" @class(['review-row', 'is-'.$row->state()])>
        <span class="num">{{ sprintf('%02d', $row->short()->number) }}</span>
        <span class="review-title">{{ $row->short()->title }}</span>
        <span class="review-state">{{ $row->says() }}</span>
    </a>
@endforeach
