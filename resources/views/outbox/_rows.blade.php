@foreach ($page->rows as $row)
    @php($short = $row->short)
    <tr id="leaves-{{ $short->id }}" data-id="{{ $short->id }}" data-post="{{ $row->post?->id }}">
        <td class="tick"><input type="checkbox" class="form-check-input" value="{{ $short->id }}"
            aria-label="Choose {{ $short->title }}"></td>
        <td class="leaves-cover">
            @if ($row->file === 'final')
                <button type="button" class="link" data-verb="cover" aria-label="Cover of {{ $short->title }}"><img
                    src="{{ $row->picture() }}"
                    alt="" width="45" height="80" loading="lazy"></button>
            @endif
        </td>
        <td class="leaves-what"><a href="{{ route('shorts.show', $short) }}">{{
            sprintf('%02d', $short->number) }} {{ $short->title }}</a>
            @if ($row->lacks() !== '')<span class="flag">{{ $row->lacks() }}</span>@endif
            @if ($row->isOutdated)<span class="flag">changed since it was posted</span>@endif
        </td>
        @foreach ($row->listing->toArray() as $field => $value)
            <td @class(['cell', "cell-$field", 'is-own' => $row->isOwn($field),
                'is-over' => isset($row->problems[$field])])>
                <textarea rows="{{ $field === 'description' ? 3 : 2 }}" data-field="{{ $field }}" spellcheck="true"
                    @readonly($row->isPosted()) aria-label="{{ ucfirst($field) }} of {{ $short->title }}">{{
                        $value }}</textarea>
                @isset ($row->counts[$field])
                    <span class="cell-count" data-most="{{ $row->counts[$field][1] }}">{{
                        $row->counts[$field][0] }} of {{ $row->counts[$field][1] }}</span>
                @endisset
                @if ($row->isOwn($field) && ! $row->isPosted())
                    <button type="button" class="link cell-back" data-verb="back" data-field="{{ $field }}"
                        aria-label="{{ ucfirst($field) }} of {{ $short->title }} as proposed">as proposed</button>
                @endif
                @isset ($row->problems[$field])<span class="flag">{{ $row->problems[$field] }}</span>@endisset
            </td>
        @endforeach
        <td class="leaves-when">
            @if ($row->isPosted())
                {{ $row->at() }}
            @else
                <input class="form-control form-control-sm" value="{{ $row->at() }}" maxlength="16" data-at
                    placeholder="{{ now()->addDay()->format('Y-m-d') }} 18:00" title="Day and hour, as 2026-12-01 18:00"
                    aria-label="When {{ $short->title }} leaves">
            @endif
            <span @class(['state', 'state-working' => $row->post?->state->isAtWork(),
                'state-ready' => $row->isPosted(),
                    'state-failed' => $row->says() === 'stopped'])>{{ $row->says() }}</span>
            @if ($row->post?->state->isAtWork())
                <progress class="bar" max="100" value="{{ $row->post->percent }}" aria-label="Sent">{{
                    $row->post->percent }} %</progress>
            @endif
            @if ($row->post?->problem !== null && ! $row->isPosted())
                <span class="flag">{{ $row->post->problem }}</span>
            @endif
            @if ($row->isPosted() && str_starts_with($row->post->address, 'http'))
                <a href="{{ $row->post->address }}" rel="noopener noreferrer" target="_blank"
                    aria-label="See {{ $short->title }} there">See it there</a>
                <button type="button" class="link" data-verb="again"
                    aria-label="Post {{ $short->title }} again">Post again</button>
            @elseif ($row->isPosted())
                <span class="quiet">{{ $row->post->remote }}</span>
            @elseif ($page->canLeave() && ! $row->post?->state->isAtWork())
                <button type="button" class="link" data-verb="now"
                    aria-label="Post {{ $short->title }} now">Now</button>
                @if ($row->at() !== '')
                    <button type="button" class="link" data-verb="unplan"
                        aria-label="Take {{ $short->title }} out">Take out</button>
                @endif
            @endif
        </td>
    </tr>
@endforeach
