@foreach ($page->days as $day)
    <div @class(['day', 'is-today' => $day->isToday, 'is-past' => $day->isPast, 'begins-week' => $day->beginsWeek])
        id="day-{{ $day->date }}" data-id="day-{{ $day->date }}">
        <h2 class="day-name">{{ $day->label }}@if ($day->isToday)<span class="quiet">today</span>@endif</h2>
        <div class="day-track" data-day="{{ $day->date }}" style="--lanes: {{ $day->lanes() }}">
            @foreach ($day->slips as $slip)
                @php($post = $slip->post)
                <a href="{{ route('outbox.show', [$post->short->batch_id, 'outlet' => $post->outlet_id]) }}"
                    @class(['slip', 'is-posted' => $post->state === App\Shelves\Models\PostState::Posted,
                        'is-stopped' => in_array($post->state, [App\Shelves\Models\PostState::Stopped,
                            App\Shelves\Models\PostState::Late], true)])
                    id="slip-{{ $post->id }}" data-id="{{ $post->id }}" data-day="{{ $day->date }}"
                    data-minute="{{ $slip->minute }}" draggable="false" @if ($slip->moves()) data-moves @endif
                    style="left: min({{ $slip->left() }}%, 100% - var(--slip)); --lane: {{ $slip->lane }}"
                    title="{{ $post->short->title }} · {{ $post->outlet->name }} · {{ $post->state->label() }}{{
                        $post->problem === null ? '' : ': '.$post->problem }}"
                    aria-label="{{ $slip->time() }} {{ $post->short->title }}, {{ $post->outlet->name }}, {{
                        $post->state->label() }}"><span class="slip-at">{{ $slip->time() }}</span>
                    <span class="slip-state">{{ $post->state->label() }}{{
                        count($page->outlets) > 1 ? ' · '.$post->outlet->name : '' }}</span>
                    <span class="slip-title">{{ $post->short->title }}</span></a>
            @endforeach
        </div>
    </div>
@endforeach
