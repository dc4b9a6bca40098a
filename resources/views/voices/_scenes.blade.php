@foreach ($page->scenes as $item)
    @php($scene = $item->scene)
    @php($reading = $item->reading())
    <li class="reading scene-{{ $scene->role->value }}" id="reading-{{ $scene->id }}">
        <div class="reading-said">
            <p class="reading-text"><span class="role">{{ $item->number() }} · {{ $scene->role->value }}</span>
            {{ $scene->text }}</p>
            <p class="quiet">
                @if ($item->offered) <b>A new reading</b>, not used yet.
                @elseif ($item->accepted) Your reading.
                @else {{ $item->voice->name }}@if ($item->voice->speed !== 100), {{ $item->voice->speed }} %@endif.
                @endif
                @if ($item->seconds)
                    {{ $item->seconds }}
                    s{{ $item->savedMs >= 50 ? ', '.number_format($item->savedMs / 1000, 1).' s of dead air out' : '' }}
                @else
                    not voiced yet
                @endif
            </p>
            @foreach ($reading->remarks ?? [] as $remark)<p class="flag">{{ $remark }}</p>@endforeach
            <div class="actions reading-acts">
                @if ($item->offered)
                    <button type="button" class="btn btn-sm btn-primary"
                        data-do="{{ route('readings.accept', $reading) }}" data-body="{}"
                        aria-label="Use this reading of scene {{ $item->number() }}">Use it</button>
                    <button type="button" class="btn btn-sm btn-outline-dark"
                        data-do="{{ route('readings.drop', $reading) }}"
                        data-method="DELETE" data-body="{}"
                        aria-label="Drop this reading of scene {{ $item->number() }}">Drop it</button>
                @elseif ($item->accepted)
                    <button type="button" class="btn btn-sm btn-outline-dark"
                        data-do="{{ route('readings.drop', $reading) }}"
                        data-method="DELETE" data-body="{}"
                        aria-label="Let {{ $item->voice->name }} read scene {{ $item->number() }} again"
                        >Let {{ $item->voice->name }} read it again</button>
                @endif
                <button type="button" class="btn btn-sm btn-outline-dark"
                    @click="open(@js($scene->text), @js($scene->text))"
                    aria-label="Record scene {{ $item->number() }}">Record</button>
                <label class="btn btn-sm btn-outline-dark" for="upload-{{ $scene->id }}" tabindex="0"
                    @keydown.enter="$el.nextElementSibling.click()">Upload</label>
                <input type="file" class="visually-hidden" id="upload-{{ $scene->id }}" tabindex="-1" multiple
                    accept="audio/*,.srt,.vtt,.json" @change="upload($el, @js($scene->text))"
                    aria-label="Upload a recording of scene {{ $item->number() }}">
            </div>
            <details class="reading-own" id="voice-own-{{ $scene->id }}" @if ($item->hasOwn) open @endif>
                <summary>For this scene alone</summary>
                <div class="scopes reading-set">@foreach ($item->controls as $control)
                <x-scope :$control/>@endforeach</div>
            </details>
        </div>
        @php($urls = [route('scenes.take', $scene), route('scenes.sound', $scene), route('scenes.spare', $scene),
            $reading ? route('readings.pin', [$reading, 999]) : ''])
        <div class="wave" id="wave-{{ $scene->id }}-{{ $item->drawn() }}" data-draws x-data="take(...@js($urls))"
            :style="`height: ${height()}px`" role="group"
            aria-label="Sound of scene {{ $item->number() }}">
            <canvas x-ref="canvas" @click="playFrom($event)"></canvas>
            <i class="wave-head" x-show="at !== null" x-cloak :style="`top: ${at}px`"></i>
            <template x-for="pause in pauses" :key="pause.after">
                <button type="button" class="wave-pause" :class="{ 'is-spared': pause.spared }" @click="spare(pause)"
                    :style="`top: ${y(pause.start)}px; height: ${y(pause.end - pause.start)}px`"
                    :aria-label="says(pause)"
                    :title="says(pause)"><span x-text="saysShort(pause)"></span></button>
            </template>
            <template x-for="(word, number) in words" :key="number">
                <button type="button" class="wave-word"
                    :class="{ 'is-doubtful': word.doubt !== 'none', 'is-pinned': word.pinned, 'is-fixed': !pinnable }"
                    :style="`top: ${y(word.start_ms)}px; --from: ${lane(number)}`" :aria-label="sayWord(word)"
                    :title="sayWord(word)"
                    @click="playWord(word)" @pointerdown="grab($event, number)" @keydown="nudge($event, number)"
                    x-text="word.text + (word.doubt !== 'none' ? ' ?' : '') + (word.pinned ? ' ●' : '')"></button>
            </template>
            <p class="quiet wave-none" x-show="!ms">The sound comes when it is voiced.</p>
        </div>
    </li>
@endforeach
