import ask, { shows } from './ask';
import interestMap from './interest-map';
import { page, renew } from './page';

const FRAME = 1000 / 30;

const clamp = (value, least, most) => Math.max(least, Math.min(most, value));

/** The framing of a shot: its source with the window over it, and the map of interest with the window's way. */
export default (urls, now) => ({
    ...page(urls, now),
    drawn: now.drawn,
    at: now.drawn.in,
    playing: false,
    dragged: null,
    unplayable: false,

    begin() {
        shows(now.revision);
        const { picture } = this.$refs;
        if (!this.drawn.still) {
            picture.addEventListener('error', () => { this.unplayable = true; });
            picture.addEventListener('loadeddata', () => this.draw());
            picture.addEventListener('seeked', () => this.draw());
            picture.currentTime = this.at / 1000;
        } else picture.addEventListener('load', () => this.draw());
        new ResizeObserver(() => this.draw()).observe(this.$refs.source);
        this.draw();
    },

    fresh(answer) {
        this.drawn = answer.drawn;
        for (const part of ['side', 'settings', 'history']) renew(this.$refs[part], answer[part]);
        this.$refs.lead.textContent = answer.lead;
        shows(answer.revision);
        this.draw();
    },

    // What is seen

    /** The window at a moment of the clip, as the core found it: middle, width and height. */
    windowAt(ms) {
        const all = this.drawn.windows;
        const place = clamp((ms - all[0][0]) / 40, 0, all.length - 1);
        const [one, next] = [all[Math.floor(place)], all[Math.min(all.length - 1, Math.floor(place) + 1)]];
        const part = place - Math.floor(place);
        const between = (i) => one[i] + part * (next[i] - one[i]);
        return { x: between(1), y: between(2), width: between(3), height: between(4) };
    },

    draw() {
        const seen = this.dragged ?? this.windowAt(this.at);
        const { window, source, map, picture, result } = this.$refs;
        window.hidden = this.drawn.backdrop !== null;
        window.style.inset = `${100 * (seen.y - seen.height / 2)}% ${100 * (1 - seen.x - seen.width / 2)}% `
            + `${100 * (1 - seen.y - seen.height / 2)}% ${100 * (seen.x - seen.width / 2)}%`;
        result.height = Math.round(result.width / this.drawn.aspect);
        this.drawResult(result, picture, seen);
        if (!this.drawn.still) interestMap(map, source.clientWidth, this.drawn, this.at);
    },

    drawResult(canvas, picture, seen) {
        const pen = canvas.getContext('2d');
        const [width, height] = [picture.videoWidth || picture.naturalWidth, picture.videoHeight
            || picture.naturalHeight];
        if (!width) return;
        if (this.drawn.backdrop === null) {
            pen.drawImage(picture, (seen.x - seen.width / 2) * width, (seen.y - seen.height / 2) * height,
                seen.width * width, seen.height * height, 0, 0, canvas.width, canvas.height);
            return;
        }
        const ground = pen.createLinearGradient(0, 0, 0, canvas.height);
        ground.addColorStop(0, `#${this.drawn.ground[0]}`);
        ground.addColorStop(1, `#${this.drawn.ground[1]}`);
        pen.fillStyle = this.drawn.backdrop === 'gradient' ? ground : '#1c1a17';
        pen.fillRect(0, 0, canvas.width, canvas.height);
        if (this.drawn.backdrop === 'blur') {
            const cover = Math.max(canvas.width / width, canvas.height / height);
            pen.filter = 'blur(12px) brightness(0.7)';
            pen.drawImage(picture, (canvas.width - cover * width) / 2, (canvas.height - cover * height) / 2,
                cover * width, cover * height);
            pen.filter = 'none';
        }
        const fit = Math.min(canvas.width / width, canvas.height / height);
        pen.drawImage(picture, (canvas.width - fit * width) / 2, (canvas.height - fit * height) / 2, fit * width,
            fit * height);
    },

    seek(ms) {
        this.at = clamp(ms, this.drawn.in, this.drawn.in + this.drawn.length);
        if (!this.drawn.still) this.$refs.picture.currentTime = this.at / 1000;
        this.draw();
    },

    play() {
        const video = this.$refs.picture;
        if (this.playing || this.drawn.still) {
            video.pause?.();
            this.playing = false;
            return;
        }
        if (this.at >= this.drawn.in + this.drawn.length - FRAME) this.seek(this.drawn.in);
        this.playing = true;
        video.play().catch(() => { this.playing = false; });
        const step = () => {
            if (!this.playing) return;
            this.at = Math.round(video.currentTime * 1000);
            if (this.at >= this.drawn.in + this.drawn.length) {
                video.pause();
                this.playing = false;
                this.at = this.drawn.in + this.drawn.length;
            }
            this.draw();
            requestAnimationFrame(step);
        };
        requestAnimationFrame(step);
    },

    // Pins

    grab(event) {
        if (this.drawn.backdrop !== null || event.button > 0) return;
        this.playing && this.play();
        event.preventDefault();
        this.$refs.source.setPointerCapture(event.pointerId);
        this.from_ = { x: event.clientX, y: event.clientY, window: this.windowAt(this.at) };
    },

    drag(event) {
        if (!this.from_) return;
        const { window } = this.from_;
        const box = this.$refs.source.getBoundingClientRect();
        this.dragged = this.inside({
            ...window,
            x: window.x + (event.clientX - this.from_.x) / box.width,
            y: window.y + (event.clientY - this.from_.y) / box.height,
        });
        this.draw();
    },

    async drop() {
        const moved = this.dragged;
        this.from_ = null;
        if (moved) await this.pin(moved);
        this.dragged = null;
        this.draw();
    },

    inside(window) {
        return {
            ...window,
            x: clamp(window.x, window.width / 2, 1 - window.width / 2),
            y: clamp(window.y, window.height / 2, 1 - window.height / 2),
        };
    },

    pin(window = this.windowAt(this.at)) {
        return this.change({
            do: 'pin',
            ms: Math.round(this.at),
            x: Math.round(10000 * window.x),
            y: Math.round(10000 * window.y),
            close: Math.round(clamp(100 * this.drawn.largest / window.height, 100, 400)),
        });
    },

    unpin(ms) {
        return this.change({ do: 'unpin', ms });
    },

    free() {
        return this.change({ do: 'free', ms: 0 });
    },

    change(json) {
        return this.does(() => ask(urls.pin, { method: 'POST', json }));
    },

    // The band over the map is dragged as the window is.

    mapPlace(event) {
        const box = this.$refs.map.getBoundingClientRect();
        return {
            x: clamp((event.clientX - box.left) / box.width, 0, 1),
            ms: this.drawn.in + clamp((event.clientY - box.top) / box.height, 0, 1) * this.drawn.length,
        };
    },

    overMap(event) {
        const { x, ms } = this.mapPlace(event);
        if (!this.from_) {
            if (!this.playing) this.seek(ms);
            return;
        }
        this.dragged = this.inside({ ...this.from_.window, x: this.from_.window.x + x - this.from_.x });
        this.draw();
    },

    grabBand(event) {
        if (this.drawn.backdrop !== null) return;
        this.playing && this.play();
        const { x, ms } = this.mapPlace(event);
        this.seek(ms);
        this.$refs.map.setPointerCapture(event.pointerId);
        this.from_ = { x, window: this.windowAt(this.at) };
    },

    dropBand() {
        return this.drop();
    },

    // Keys

    keyed(event) {
        if (event.target.closest('input:not([type=range]):not([type=checkbox]), textarea, select')) return;
        if (event.ctrlKey || event.metaKey || event.altKey || document.querySelector('.modal.show')) return;
        const move = (by) => {
            const window = this.windowAt(this.at);
            return this.pin(this.inside({ ...window, x: window.x + by * window.width }));
        };
        const does = event.shiftKey
            ? { ArrowLeft: () => move(-0.05), ArrowRight: () => move(0.05), '+': () => this.closer(10) }[event.key]
            : {
                ' ': () => this.play(),
                ArrowLeft: () => this.seek(this.at - FRAME),
                ArrowRight: () => this.seek(this.at + FRAME),
                p: () => this.pin(),
                Delete: () => this.unpinNearest(),
                1: () => this.set('framing', 'follow'),
                2: () => this.set('framing', 'still'),
                3: () => this.set('framing', 'middle'),
                4: () => this.set('framing', 'blur'),
                5: () => this.set('framing', 'plain'),
                6: () => this.set('framing', 'gradient'),
                '+': () => this.closer(10),
                '=': () => this.closer(10),
                '-': () => this.closer(-10),
            }[event.key];
        if (!does || (event.key === ' ' && event.target.closest('button, summary, a'))) return;
        event.preventDefault();
        does();
    },

    unpinNearest() {
        const near = [...this.drawn.pins].sort((one, other) => Math.abs(one.ms - this.at) - Math.abs(other.ms
            - this.at))[0];
        if (near) this.unpin(near.ms);
    },

    closer(by) {
        return this.set('closeness', String(clamp(Math.round(100 * this.drawn.close) + by, 100, 300)));
    },

    set(key, value) {
        const json = { level: 'shot', channel: now.channel, ids: [now.shot], key, value };
        return this.does(() => ask(urls.settings, { method: 'PUT', json }));
    },
});
