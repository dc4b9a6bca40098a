{{-- What plays: a finished file, or a preview under its captions. --}}
<section class="review-watch" aria-label="What plays">
    <div class="stage" x-ref="stage" :class="{ 'has-safe': safe }" style="aspect-ratio: 9 / 16" @click="play()">
        <video x-ref="video" playsinline preload="auto" muted x-show="proof" x-cloak></video>
        <p class="stage-none" x-show="!proof" x-text="none">Loading…</p>
        <canvas x-ref="words" width="1080" height="1920" data-draws x-show="!isFile"
            aria-label="Captions as they will be burned" role="img"></canvas>
    </div>
    <div class="stage-bar">
        <button type="button" class="btn btn-sm btn-outline-dark" @click="play()" :disabled="!proof"
            x-text="playing ? 'Stop' : 'Play'">Play</button>
        <input type="range" min="0" :max="seconds" step="0.01" :value="at" aria-label="Moment"
            @input="seek(+$el.value)">
        <span class="num" x-text="`${at.toFixed(1)} / ${seconds.toFixed(1)} s`"></span>
        <label><input type="checkbox" class="form-check-input" x-model="silent"> Silent</label>
    </div>
</section>
