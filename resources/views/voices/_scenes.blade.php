@foreach ($scenes as $item)
    @php($scene = $item['scene'])
    @php($reading = $item['offered'] ?? $item['accepted'])
    <li class="reading scene-{{ $scene->role->value }}">
        <div class="reading-said">
            <p class="reading-text"><span class="role">{{ $scene->position + 1 }} · {{ $scene->role->value }}</span> {{ $scene->text }}</p>
            <p class="quiet">
                @if ($item['offered']) <b>A new reading</b>, not used yet. @elseif ($item['accepted']) Your reading. @else {{ $item['voice']->name }}@if ($item['voice']->speed !== 100), {{ $item['voice']->speed }} %@endif. @endif
                @if ($item['seconds']) {{ $item['seconds'].' s'.($item['saved'] >= 50 ? ', '.number_format($item['saved'] / 1000, 1).' s of dead air out' : '') }} @else not voiced yet @endif
            </p>
            @foreach ($reading->remarks ?? [] as $remark)<p class="flag">{{ $remark }}</p>@endforeach
            <div class="actions reading-acts">
                @if ($item['offered'])
                    <button type="button" class="btn btn-sm btn-primary" data-do="{{ route('readings.accept', $reading) }}" data-body="{}" aria-label="Use this reading of scene {{ $scene->position + 1 }}">Use it</button>
                    <button type="button" class="btn btn-sm btn-outline-dark" data-do="{{ route('readings.drop', $reading) }}" data-method="DELETE" data-body="{}" aria-label="Drop this reading of scene {{ $scene->position + 1 }}">Drop it</button>
                @elseif ($item['accepted'])
                    <button type="button" class="btn btn-sm btn-outline-dark" data-do="{{ route('readings.drop', $reading) }}" data-method="DELETE" data-body="{}" aria-label="Let {{ $item['voice']->name }} read scene {{ $scene->position + 1 }} again">Let {{ $item['voice']->name }} read it again</button>
                @endif
                <button type="button" class="btn btn-sm btn-outline-dark" @click="open(@js($scene->text), @js($scene->text))" aria-label="Record scene {{ $scene->position + 1 }}">Record</button>
                <label class="btn btn-sm btn-outline-dark" for="upload-{{ $scene->id }}" tabindex="0" @keydown.enter="$el.nextElementSibling.click()">Upload</label><input type="file" class="visually-hidden" id="upload-{{ $scene->id }}" tabindex="-1" multiple accept="audio/*,.srt,.vtt,.json" @change="upload($el, @js($scene->text))" aria-label="Upload a recording of scene {{ $scene->position + 1 }}">
            </div>
            <details class="reading-own" @if ($scene->voice || $scene->speed || $scene->pause_ms !== null) open @endif>
                <summary>For this scene alone</summary>
                <div class="reading-set">
                    <select class="form-select form-select-sm" aria-label="Voice of scene {{ $scene->position + 1 }}" @change="set('voice', $el.value, '{{ route('scenes.voice', $scene) }}')"><option value="">as the short</option>@include('voices._options', ['chosen' => $scene->voice])</select>
                    <input type="number" min="60" max="180" step="5" class="form-control form-control-sm voices-speed" value="{{ $scene->speed }}" placeholder="%" aria-label="Speed of scene {{ $scene->position + 1 }} in percent" @change="set('speed', $el.value, '{{ route('scenes.voice', $scene) }}')">
                    <input type="number" min="0" max="3000" step="20" class="form-control form-control-sm voices-speed" value="{{ $scene->pause_ms }}" placeholder="ms" aria-label="Pause after scene {{ $scene->position + 1 }} in milliseconds" @change="set('pause', $el.value, '{{ route('scenes.voice', $scene) }}')">
                </div>
            </details>
        </div>
        <div class="wave" x-data="take('{{ route('scenes.take', $scene) }}', '{{ route('scenes.sound', $scene) }}', '{{ route('scenes.spare', $scene) }}', '{{ $reading ? route('readings.pin', [$reading, 999]) : '' }}')" :style="`height: ${height()}px`" role="group" aria-label="Sound of scene {{ $scene->position + 1 }}">
            <canvas x-ref="canvas" @click="playFrom($event)"></canvas>
            <i class="wave-head" x-show="at !== null" x-cloak :style="`top: ${at}px`"></i>
            <template x-for="pause in pauses" :key="pause.after">
                <button type="button" class="wave-pause" :class="{ 'is-spared': pause.spared }" :style="`top: ${y(pause.start)}px; height: ${y(pause.end - pause.start)}px`" @click="spare(pause)" :aria-label="says(pause)" :title="says(pause)"><span x-text="saysShort(pause)"></span></button>
            </template>
            <template x-for="(word, number) in words" :key="number">
                <button type="button" class="wave-word" :class="{ 'is-doubtful': word.doubt !== 'none', 'is-pinned': word.pinned, 'is-fixed': !pinnable }" :style="`top: ${y(word.start_ms)}px; --from: ${lane(number)}`"
                    :aria-label="sayWord(word)" :title="sayWord(word)" @click="playWord(word)" @pointerdown="grab($event, number)" @keydown="nudge($event, number)" x-text="word.text + (word.doubt !== 'none' ? ' ?' : '') + (word.pinned ? ' ●' : '')"></button>
            </template>
            <p class="quiet wave-none" x-show="!ms">The sound comes when it is voiced.</p>
        </div>
    </li>
@endforeach
