@foreach ($sheet->scenes as $item)
    @php($scene = $item->scene)
    <li class="scene scene-{{ $scene->role->value }}" style="--shots: {{ max(1, count($item->shots)) }}"
        id="at-scene-{{ $scene->id }}">
        <div class="scene-time">
            @if ($item->times !== null)
                <button type="button" class="link" @click="seek({{ $item->times[0] / 1000 }})"
                    aria-label="Play from {{ $item->start() }}">{{
                    $item->start()
                }}</button>
                <span>{{ $item->seconds() }} s</span>
            @else
                <span>–</span>
            @endif
        </div>
        <div class="scene-said">
            <span class="role">{{ $scene->role->value }}</span>
            @if ($item->sentences > 1)<span class="flag flag-inline">
                {{ $item->sentences }} sentences in one scene
            </span>@endif
            @foreach ($item->notes(before: true) as $note)
                @include('scripts._note', ['number' => $note->position, 'short' => $sheet->short])
            @endforeach
            <textarea rows="1" maxlength="1000" id="scene-{{ $scene->id }}"
                data-url="{{ route('scenes.reword', $scene) }}"
                aria-label="Scene {{ $item->number + 1 }}, {{ $scene->role->value }}" x-init="typed($el)"
                @input="typed($el)"
                @keydown="keyed($event)">{{ $scene->text }}</textarea>
            @foreach ($item->notes(before: false) as $note)
                @include('scripts._note', ['number' => $note->position, 'short' => $sheet->short])
            @endforeach
            <span class="scene-save" x-show="dirty['{{ route('scenes.reword', $scene) }}']" x-cloak>
                <button type="button" class="btn btn-sm btn-primary" @click="save(words_($el))">Save the words</button>
                <button type="button" class="link" @click="revert(words_($el))">Take back</button>
                <span class="quiet"><kbd>Ctrl</kbd> <kbd>Enter</kbd></span>
            </span>
            <span class="scene-tools">
                <button type="button" class="link" @mousedown.prevent @click="change(words_($el), 'split')"
                    title="Alt Enter"
                    >Split at cursor</button>
                @unless ($loop->last)
                    <button type="button" class="link" @click="change(words_($el), 'join')" title="Alt J">
                        Join with next
                    </button>
                @endunless
                @unless ($loop->first)
                    <button type="button" class="link" @click="change(words_($el), 'up')" title="Alt ↑">Up</button>
                @endunless
                @unless ($loop->last)
                    <button type="button" class="link" @click="change(words_($el), 'down')" title="Alt ↓">Down</button>
                @endunless
                @unless ($loop->count === 1)
                    <button type="button" class="link" @click="change(words_($el), 'drop')">Remove</button>
                @endunless
                @if ($loop->last && ! $loop->first)
                    @php($isClose = $scene->role->value === 'close')
                    <button type="button" class="link"
                        @click="change(words_($el), '{{ $isClose ? 'beat' : 'close' }}')">Make it {{
                        $isClose ? 'a beat' : 'the close'
                    }}</button>
                @endif
            </span>
            <x-setting-panel class="scene-own" level="scene" :of="$scene->id" what="Set for this scene"
                :own="$item->own()"/>
        </div>
        <div class="scene-seen">
            @forelse ($item->shots as $shot)
                <div class="shot-place">
                    <button type="button" class="shot{{ $shot->fits() ? '' : ' is-odd' }}"
                        data-url="{{ route('scenes.swap', [$scene, $shot->shot->word]) }}"
                        @click="pick($el.dataset.url)" @keydown="pickByKey($event)"
                        aria-label="Swap the picture at {{ $shot->start() }}: {{
                            $shot->footage ? $shot->name() : 'missing'
                        }}">
                        @if ($shot->footage)
                            <img src="{{ route('footage.thumbnail', $shot->footage) }}" alt="" width="54" height="96"
                                loading="lazy">
                        @else
                            <span class="shot-missing">gone</span>
                        @endif
                        <span class="shot-words">
                            <b>{{ $shot->start() }}</b> {{ $shot->seconds() }} s<br>
                            {{ $shot->name() }}{{ $shot->isLocked ? ' · chosen' : '' }}
                            <span class="shot-why">{{ $shot->why() }}</span>
                        </span>
                    </button>
                    @if ($shot->isOdd() && $shot->row !== null)
                        <p class="shot-odd" x-data="scope({ channel: {{ $sheet->short->batch->channel_id }},
                            level: 'shot', ids: [{{ $shot->row->id }}], key: 'match_colours' })">
                            <span class="flag flag-inline">other colours than the rest</span>
                            <button type="button" class="link"
                                @click="change({ value: 'others' })">Match it to the others</button>
                        </p>
                    @endif
                    @if ($shot->framing !== null)
                        <a class="shot-framing" href="{{ $shot->framing }}"
                            aria-label="Framing of the picture at {{ $shot->start() }}">Framing</a>
                    @endif
                    @if ($shot->row !== null)
                        <x-setting-panel class="shot-own" level="shot" :of="$shot->row->id" :what="$shot->says"
                            :label="'Settings of the picture at '.$shot->start()"/>
                    @endif
                </div>
            @empty
                <span class="quiet">Pictures come with the plan.</span>
            @endforelse
        </div>
    </li>
@endforeach
