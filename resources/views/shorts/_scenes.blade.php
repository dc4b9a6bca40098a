@foreach ($sheet->scenes as $row)
    <li class="scene scene-{{ $row['scene']->role->value }}" style="--shots: {{ max(1, count($row['shots'])) }}">
        <div class="scene-time">
            @if ($row['start'] !== null)
                <button type="button" class="link" @click="seek({{ ($sheet->cut->scenes[$loop->index]->startMs ?? 0) / 1000 }})" aria-label="Play from {{ $row['start'] }}">{{ $row['start'] }}</button>
                <span>{{ $row['seconds'] }} s</span>
            @else
                <span>–</span>
            @endif
        </div>
        <div class="scene-said">
            <span class="role">{{ $row['scene']->role->value }}</span>
            <textarea rows="1" maxlength="1000" data-url="{{ route('scenes.reword', $row['scene']) }}" aria-label="Scene {{ $row['scene']->position + 1 }}, {{ $row['scene']->role->value }}"
                x-init="grow($el)" @input="typed($el)" @keydown.ctrl.enter.prevent="save($el)" @keydown.meta.enter.prevent="save($el)" @keydown.escape="revert($el)">{{ $row['scene']->text }}</textarea>
            <span class="scene-save" x-show="dirty['{{ route('scenes.reword', $row['scene']) }}']" x-cloak>
                <button type="button" class="btn btn-sm btn-primary" @click="save($el.closest('.scene-said').querySelector('textarea'))">Save the words</button>
                <button type="button" class="link" @click="revert($el.closest('.scene-said').querySelector('textarea'))">Undo</button>
                <span class="quiet"><kbd>Ctrl</kbd> <kbd>Enter</kbd></span>
            </span>
        </div>
        <div class="scene-seen">
            @forelse ($row['shots'] as $shot)
                <button type="button" class="shot" data-url="{{ route('scenes.swap', [$row['scene'], $shot['number']]) }}" @click="pick($el)" aria-label="Swap the picture at {{ $shot['start'] }}: {{ $shot['footage']?->name ?? 'missing' }}">
                    @if ($shot['footage'])
                        <img src="{{ route('footage.thumbnail', $shot['footage']) }}" alt="" width="54" height="96" loading="lazy">
                    @else
                        <span class="shot-missing">gone</span>
                    @endif
                    <span class="shot-words"><b>{{ $shot['start'] }}</b> {{ $shot['seconds'] }} s<br>{{ $shot['footage']?->name ?? 'no longer in the library' }}{{ $shot['pinned'] ? ' · chosen' : '' }}</span>
                </button>
            @empty
                <span class="quiet">Pictures come with the plan.</span>
            @endforelse
        </div>
    </li>
@endforeach
