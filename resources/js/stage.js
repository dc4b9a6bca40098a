import { liveSound } from './live-sound';
import renderer from './renderer';

export const FRAME = 1 / 30;

/**
 * A short as it will be: its bare video, and over it the captions drawn by the renderer that burns them. The page has
 * the video, a canvas for the words and what holds both ($refs video, words, stage), knows its seconds, and marks where
 * it stands (mark).
 */
export const staged = () => {
    // Not to be watched for changes: they talk to workers, or are elements.
    let words = null;
    let screen = null;
    const live = liveSound();
    return {
        at: 0,
        playing: false,
        safe: false,
        silent: false,
        part: null,
        looped: false,
        line: null,

        /** All of it at once: a connection that a stopped video keeps open is one that others wait for. */
        async bytes(url) {
            const answer = await fetch(url);
            return answer.ok ? answer.blob() : null;
        },

        /** Takes another version once it stands where the page does: until then the one before is seen. */
        async load(proof) {
            this.proof = proof;
            if (!proof) return;
            const bytes = await this.bytes(proof);
            if (bytes === null || this.proof !== proof) return;
            const before = screen ?? this.$refs.video;
            const fresh = screen === null ? before : before.cloneNode();
            fresh.src = URL.createObjectURL(bytes);
            fresh.muted = this.silent;
            await new Promise((done) => {
                fresh.addEventListener('seeked', done, { once: true });
                const goes = () => { fresh.currentTime = this.at + FRAME / 2; };
                fresh.addEventListener('loadeddata', goes, { once: true });
            });
            if (this.proof !== proof) return;
            // It has the level that was heard until now.
            this.hearLive(null);
            const goesOn = this.playing;
            screen = fresh;
            if (fresh !== before) {
                fresh.currentTime = this.at + FRAME / 2;
                before.pause();
                before.replaceWith(fresh);
                URL.revokeObjectURL(before.src);
            }
            this.follow(fresh);
            if (goesOn) fresh.play();
        },

        follow(video) {
            const step = (_, { mediaTime }) => {
                if (video !== screen) return;
                if (!video.seeking) this.passed(mediaTime);
                video.requestVideoFrameCallback(step);
            };
            video.requestVideoFrameCallback(step);
            const says = (playing) => () => {
                if (video !== screen) return;
                this.playing = playing;
                this.together();
            };
            video.addEventListener('pause', says(false));
            video.addEventListener('play', says(true));
        },

        async stage(script, faces) {
            [this.script, this.faces] = [script, faces];
            try {
                if (words === null) words = renderer(this.$refs.words, script, faces);
                else await (await words).show(script, faces);
                await this.paint();
            } catch (problem) {
                this.problem = problem.message;
            }
        },

        async paint() {
            const own = await words;
            await own?.draw(this.at + FRAME / 2);
            this.$refs.stage.dataset.drawn = this.at.toFixed(3);
        },

        passed(seconds) {
            this.at = seconds;
            this.paint();
            this.mark();
            if (!this.part || seconds < this.part[1] - FRAME) return;
            if (this.looped) this.seek(this.part[0]);
            else {
                screen.pause();
                this.part = null;
            }
        },

        mutes() {
            if (screen) screen.muted = this.silent || this.line !== null;
            this.together();
        },

        /** Makes ready to be heard at another level of the music. */
        readyLive(sound) {
            return live.ready(sound);
        },

        /** Plays at another level of the music than the video has; null for the video's own. */
        hearLive(line) {
            if (line !== null && !live.has()) return;
            this.line = line;
            this.mutes();
        },

        /** Both halves go with the picture. */
        together() {
            if (this.line !== null && screen && !screen.paused) {
                live.start(screen.currentTime, this.line, this.silent);
            } else live.stop();
        },

        play() {
            if (!screen) return;
            this.mutes();
            if (!screen.paused) {
                this.part = null;
                screen.pause();
            } else {
                if (this.at > this.seconds - 2 * FRAME) this.seek(0);
                screen.play();
            }
        },

        /** Plays a part alone, in seconds. */
        playPart(from, until) {
            if (!screen) return;
            this.seek(from);
            this.part = [from, until];
            this.mutes();
            screen.play();
        },

        seek(seconds) {
            this.at = Math.max(0, Math.min(this.seconds, seconds));
            // The middle of a frame is in no other.
            if (screen) screen.currentTime = this.at + FRAME / 2;
            this.together();
            this.paint();
            this.mark();
        },

        clock(seconds) {
            return `${Math.floor(seconds / 60)}:${(seconds % 60).toFixed(2).padStart(5, '0')}`;
        },
    };
};
