{{-- The sounds that can be placed at the playhead. --}}
<div class="modal" id="effects" tabindex="-1" aria-labelledby="effects-title" aria-hidden="true">
    <div class="modal-dialog"><div class="modal-content">
        <div class="modal-header">
            <h2 class="modal-title" id="effects-title">A sound here</h2>
            <button type="button" class="btn-close" data-bs-dismiss="modal" aria-label="Close"></button>
        </div>
        <div class="modal-body">
            <audio x-ref="effectPlayer"></audio>
            <ul class="effect-list">
                @foreach ($page->effects() as $id => $name)
                    <li>
                        <button type="button" class="btn btn-sm btn-outline-dark" aria-label="Hear {{ $name }}"
                            @click="hearEffect(@js(route('effects.file', $id)))"
                            ><i class="bi bi-play-fill" aria-hidden="true"></i></button>
                        <button type="button" class="link" @click="placeEffect(@js((string) $id))"
                            :class="effect === @js((string) $id) && 'is-chosen'">{{ $name }}</button>
                    </li>
                @endforeach
            </ul>
        </div>
        <div class="modal-footer">
            <button type="button" class="btn btn-outline-dark" x-show="effect" @click="placeEffect('')">Delete
                it</button>
        </div>
    </div></div>
</div>
