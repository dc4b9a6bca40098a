@forelse ($page->rows as $row)
    <li id="{{ $row->id() }}" data-cue="{{ json_encode($row->data()) }}" @class([
        'cue', 'is-made' => $row->cue->from->isLocked, 'is-faint' => $row->isFaint(), 'begins-scene' => $row->isFirst,
    ])>
        <button type="button" class="cue-time" data-does="go" aria-label="Caption at {{ $row->clock() }}">{{
            $row->clock()
        }}<span>{{ $row->ends() }}</span></button>
        <div class="cue-said">
            <p class="cue-words">
                @foreach ($row->words as $word)
                    <button type="button" data-does="word" data-at="{{ $word['at'] }}"
                        data-word="{{ $word['word'] ?? '' }}" data-emoji="{{ $word['emoji'] }}"
                        @class(['cue-word', 'stands' => $word['stands']])>{{ $word['text'] }}@if ($word['emoji'] !== '')
                        <span class="cue-emoji">{{ $word['emoji'] }}</span>@endif</button>
                    @if ($word['breaks'])<span class="cue-break" title="A new line">↵</span>@endif
                @endforeach
            </p>
            <div class="cue-tools">
                <input class="form-control form-control-sm cue-text" maxlength="200" value="{{ $row->cue->text() }}"
                    aria-label="What the caption at {{ $row->clock() }} shows">
                <button type="button" class="link" data-does="join">Join with next</button>
                <button type="button" class="link" data-does="split">Split here</button>
                <button type="button" class="link" data-does="break">Break line</button>
                <button type="button" class="link" data-does="stress">Stand out</button>
                <span class="cue-emojis">
                    <label>Emoji after the word
                        <input class="form-control form-control-sm" maxlength="12" data-emoji-field></label>
                    <button type="button" class="link" data-does="emoji">Put</button>
                    <button type="button" class="link" data-does="no-emoji">None</button>
                </span>
                <span class="cue-nudge">begins
                    <button type="button" data-does="from-less" aria-label="A frame earlier">−</button>
                    <button type="button" data-does="from-more" aria-label="A frame later">+</button>
                    ends
                    <button type="button" data-does="until-less" aria-label="Ends a frame earlier">−</button>
                    <button type="button" data-does="until-more" aria-label="Ends a frame later">+</button>
                </span>
                @if ($row->cue->from->isLocked)
                    <button type="button" class="link" data-does="free">Put back</button>
                @endif
            </div>
        </div>
        <div class="cue-clear">
            @if ($row->clear !== null)<span>{{ number_format($row->clear->ratio, 1) }}</span>@endif
            @foreach ($row->flags() as $flag)<span class="flag">{{ $flag }}</span>@endforeach
            @if ($row->cue->from->isLocked)<span class="quiet">by hand</span>@endif
        </div>
    </li>
@empty
    <li class="cue-none">No captions are shown. Choose “Shown” beside “Captions shown”.</li>
@endforelse
