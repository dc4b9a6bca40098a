import ask from './ask';

/** One take drawn downwards: wave, words where they are spoken, pauses. Words of a reading can be dragged. */
export default (url, sound, spareUrl, pinUrl) => ({
    ms: 0,
    peaks: [],
    step: 5,
    words: [],
    page: null,
    pauses: [],
    at: null,
    audio: null,
    until: null,
    dragged: null,

    init() {
        // This take may be drawn anew while something is asked: the page stays.
        this.page = this.$root.closest('.voice-page');
        this.$watch('zoom', () => this.draw());
        this.load();
    },

    async load() {
        const take = await ask(url);
        [this.ms, this.peaks, this.step, this.words, this.pauses] = [
            take.ms,
            take.peaks ?? [],
            take.step ?? 5,
            take.words ?? [],
            take.pauses ?? [],
        ];
        this.$nextTick(() => this.draw());
    },

    get pinnable() {
        return pinUrl !== '';
    },

    y(ms) {
        return (ms / 1000) * this.zoom;
    },

    height() {
        return Math.max(40, this.y(this.ms) + 22);
    },

    /** Words closer than their letters are high stand side by side. */
    lane(number) {
        let lane = 0;
        for (let i = number; i > 0 && this.y(this.words[i].start_ms - this.words[i - 1].start_ms) < 24; i--) lane++;
        return lane % 4;
    },

    draw() {
        const canvas = this.$refs.canvas;
        if (!canvas) return;
        const ratio = window.devicePixelRatio || 1;
        const [width, height] = [120, this.height()];
        [canvas.width, canvas.height] = [width * ratio, height * ratio];
        [canvas.style.width, canvas.style.height] = [`${width}px`, `${height}px`];
        const pen = canvas.getContext('2d');
        pen.scale(ratio, ratio);
        const style = getComputedStyle(canvas);
        pen.fillStyle = style.getPropertyValue('--ink-soft');
        this.peaks.forEach((peak, i) => {
            const half = Math.max(0.5, (peak / 100) * (width / 2));
            pen.fillRect(width / 2 - half, this.y(i * this.step), 2 * half, Math.max(1, this.y(this.step)));
        });
        pen.fillStyle = style.getPropertyValue('--rule');
        for (let ms = 0; ms <= this.ms; ms += 500) pen.fillRect(0, this.y(ms), ms % 1000 ? 6 : 12, 1);
    },

    play(from, until = null) {
        this.audio ??= Object.assign(new Audio(sound), { ontimeupdate: () => this.follow() });
        this.until = until;
        this.audio.currentTime = from / 1000;
        this.audio.play();
        this.follow();
    },

    follow() {
        const now = this.audio.currentTime * 1000;
        if (this.audio.ended || this.audio.paused || (this.until !== null && now >= this.until)) {
            this.audio.pause();
            this.at = null;
            return;
        }
        this.at = this.y(now);
        requestAnimationFrame(() => this.follow());
    },

    playFrom(event) {
        if (this.audio && !this.audio.paused) this.audio.pause();
        else this.play((event.offsetY / this.zoom) * 1000);
    },

    playWord(word) {
        if (this.dragged !== null) return;
        this.play(Math.max(0, word.start_ms - 30), word.end_ms + 60);
    },

    // Boundaries

    grab(event, number) {
        if (!this.pinnable) return;
        const [began, start] = [event.clientY, this.words[number].start_ms];
        const move = (now) => {
            if (Math.abs(now.clientY - began) < 3 && this.dragged === null) return;
            this.dragged = number;
            this.words[number].start_ms = Math.max(0, Math.round(start + ((now.clientY - began) / this.zoom) * 1000));
        };
        const drop = () => {
            window.removeEventListener('pointermove', move);
            if (this.dragged === null) return;
            this.pin(number);
            setTimeout(() => { this.dragged = null; });
        };
        window.addEventListener('pointermove', move);
        window.addEventListener('pointerup', drop, { once: true });
    },

    nudge(event, number) {
        const by = { ArrowUp: -10, ArrowDown: 10 }[event.key];
        if (!by || !this.pinnable) return;
        event.preventDefault();
        this.words[number].start_ms = Math.max(0, this.words[number].start_ms + by * (event.shiftKey ? 5 : 1));
        clearTimeout(this.soon);
        this.soon = setTimeout(() => this.pin(number), 400);
    },

    async pin(number) {
        await this.tell(() =>
            ask(pinUrl.replace(/999$/, number), { method: 'PUT', json: { ms: this.words[number].start_ms } }),
        );
        this.load();
    },

    // Pauses

    says(pause) {
        return pause.spared
            ? `A pause of ${pause.end - pause.start} ms, left as it was spoken. ` +
                  `Press to shorten it to ${pause.keep} ms.`
            : `A pause of ${pause.end - pause.start} ms, shortened to ${pause.keep}. Press to leave it.`;
    },

    saysShort(pause) {
        return pause.spared ? `${pause.end - pause.start} ms` : `${pause.end - pause.start} → ${pause.keep} ms`;
    },

    async spare(pause) {
        if (await this.tell(() => ask(spareUrl, { method: 'PUT', json: { after: pause.after, spare: !pause.spared } })))
            pause.spared = !pause.spared;
    },

    sayWord(word) {
        const doubt =
            { missing: ' It seems to be left out.', unclear: ' It is unclear, or something else is said.' }[
                word.doubt
            ] ?? '';
        const seconds = ms => (ms / 1000).toFixed(2);
        const pinned = word.pinned ? ' Pinned.' : '';
        return `${word.text}, ${seconds(word.start_ms)} to ${seconds(word.end_ms)} s.${doubt}${pinned}`;
    },

    async tell(asking) {
        let detail;
        try {
            detail = { answer: await asking(), quietly: true };
        } catch (problem) {
            detail = { problem: problem.message };
        }
        this.page.dispatchEvent(new CustomEvent('acted', { detail }));
        return !detail.problem;
    },
});
