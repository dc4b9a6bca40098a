import ask, { shows } from './ask';
import looking from './looking';
import { page, renew } from './page';
import { bringing } from './pace';
import { picking } from './picking';
import { FRAME, staged } from './stage';
import { carding } from './timeline-cards';
import { dragging } from './timeline-drag';
import { editing } from './timeline-edits';
import { keying } from './timeline-keys';
import { sounding } from './timeline-sound';
import { drawHeard, drawRuler, drawSaid, drawSeen } from './timeline-draw';

const [LEAST, MOST] = [12, 200];

/** The sheet of a short: said, seen and heard against one ruler of seconds, with the short beside it. */
export default (urls, now) => {
    const { acted: pageActed } = page(urls);
    // Large, and drawn at once where it changes: not to be watched.
    let drawn = now.drawn;
    let heard = now.sound;
    // What the video has that plays.
    let mixed = now.sound;
    let wave = null;
    return {
        ...page(urls, now),
        ...staged(),
        ...bringing(urls.pace),
        ...picking(),
        ...sounding(() => drawn, () => heard),
        ...carding(() => drawn),
        ...editing(() => drawn, urls, now),
        ...dragging(() => drawn),
        ...keying(() => drawn),
        isHere: false,
        px: 40,
        everyMs: 120,
        chosen: 0,
        editing: null,
        text: '',

        begin() {
            shows(now.revision);
            delete this.drawn;
            delete this.sound;
            this.seconds_ = drawn.seconds;
            this.load(now.proof);
            this.stage(now.script, now.faces);
            this.listen();
            this.$nextTick(() => {
                this.px = this.fitting();
                this.draw();
                this.hear();
                // A report of the batch leads to a place of the sheet.
                const at = location.hash.match(/^#at-(\d{1,7})$/);
                if (at) this.goTo(Number(at[1]));
            });
            this.$watch('silent', () => this.mutes());
            this.readyLive(heard);
            looking(() => urls.proof);
            if (this.working) this.order();
        },

        listen() {
            const scroll = this.$refs.scroll;
            scroll.addEventListener('scroll', () => requestAnimationFrame(() => this.sound()), { passive: true });
            new ResizeObserver(() => this.sound()).observe(scroll);
            window.addEventListener('pointermove', (event) => { this.dragged(event); this.cardDragged(event); });
            window.addEventListener('pointerup', (event) => { this.dropped(event); this.cardDropped(event); });
        },

        async order() {
            if (!drawn.planned) return;
            try {
                await ask(urls.proof, { method: 'POST', json: {}, quiet: true });
                this.working = true;
                this.waits();
                this.again(100);
            } catch (problem) {
                this.problem = problem.message;
            }
        },

        async hear() {
            wave = await ask(drawn.wave);
            this.sound();
        },

        fresh(answer) {
            shows(answer.revision);
            // While it is planned anew, the plan before is seen.
            const isMeanwhile = answer.working && drawn.planned && !answer.drawn.planned;
            if (!isMeanwhile && JSON.stringify(answer.drawn) !== JSON.stringify(drawn)) {
                const shot = drawn.shots[this.chosen];
                drawn = answer.drawn;
                // What is chosen goes with its words.
                this.chosen = Math.max(0, drawn.shots.findLastIndex(({ scene, word }) =>
                    shot && (scene < shot.scene || (scene === shot.scene && word <= shot.word))));
                this.seconds_ = drawn.seconds;
                this.draw();
                this.hear();
            }
            for (const part of ['pace', 'history']) renew(this.$refs[part], answer[part]);
            this.showHere();
            this.$refs.lead.textContent = answer.lead;
            this.$refs.music.textContent = answer.music;
            this.$refs.trouble.textContent = answer.trouble;
            this.hearNow(answer);
            if (answer.proof !== this.proof) this.load(answer.proof).then(() => this.cardsShown());
            if (answer.script !== this.script) this.stage(answer.script, answer.faces);
            if (this.working && answer.plan && this.ordered !== answer.plan) {
                this.ordered = answer.plan;
                this.order();
            }
        },

        /** Another level of the music is heard at once, and drawn. */
        hearNow({ sound, proof }) {
            heard = sound;
            if (proof !== this.proof) mixed = sound;
            else if (sound.halves === mixed.halves && JSON.stringify(sound.line) !== JSON.stringify(mixed.line)) {
                if (JSON.stringify(this.line) !== JSON.stringify(sound.line)) this.hearLive(sound.line);
            } else if (this.line !== null && sound.halves === mixed.halves) this.hearLive(null);
            this.readyLive(sound);
            this.drawAll();
        },

        // Seconds and pixels

        fitting() {
            return Math.max(LEAST, Math.min(MOST, (this.$refs.scroll.clientHeight - 12) / drawn.seconds));
        },

        zoom(px) {
            const scroll = this.$refs.scroll;
            // What is at the playhead stays where it is, if it is in view.
            const y = this.at * this.px - scroll.scrollTop;
            const anchor = y >= 0 && y <= scroll.clientHeight ? y : scroll.clientHeight / 2;
            const second = (scroll.scrollTop + anchor) / this.px;
            this.px = Math.max(LEAST, Math.min(MOST, px));
            this.draw();
            scroll.scrollTop = second * this.px - anchor;
            this.sound();
        },

        draw() {
            this.$refs.body.style.height = `${Math.max(drawn.seconds, drawn.least / 1000) * this.px + 24}px`;
            drawRuler(this.$refs.marks, drawn, this.px);
            drawSaid(this.$refs.said, drawn, this.px);
            drawSeen(this.$refs.seen, drawn, this.px);
            this.listCards();
            this.drawAll();
            this.choose(Math.min(this.chosen, drawn.shots.length - 1));
            this.mark();
        },

        sound() {
            const { scrollTop, clientHeight } = this.$refs.scroll;
            drawHeard(this.$refs.wave, drawn, wave, heard, this.px, scrollTop, clientHeight);
        },

        drawAll() {
            this.sound();
            this.drawSound();
        },

        get seconds() {
            return this.seconds_ ?? now.drawn.seconds;
        },

        // Where it stands

        mark() {
            const y = this.at * this.px;
            this.$refs.head.style.transform = `translateY(${y}px)`;
            this.drawCards();
            const ms = 1000 * (this.at + FRAME / 2);
            this.spoken_?.classList.remove('is-on');
            this.spoken_ = this.wordAt(ms);
            this.spoken_?.classList.add('is-on');
            const scroll = this.$refs.scroll;
            const below = y - scroll.scrollTop;
            if (this.playing && (below < 0 || below > scroll.clientHeight * 0.8)) {
                scroll.scrollTop = y - scroll.clientHeight * 0.25;
            }
        },

        wordAt(ms) {
            const words = this.words();
            const at = words.findLastIndex((word) => Number(word.dataset.from) <= ms);
            return at >= 0 && ms < Number(words[at].dataset.until) + 400 ? words[at] : null;
        },

        words() {
            return [...this.$refs.said.querySelectorAll('.said-word')];
        },

        shotAt(ms) {
            return Math.max(0, drawn.shots.findLastIndex((shot) => shot.from <= ms));
        },

        sceneAt(ms) {
            return Math.max(0, drawn.scenes.findLastIndex((scene) => scene.from <= ms));
        },

        /** Goes to a moment, in ms, and to the shot that is seen there. */
        goTo(ms) {
            this.seek(ms / 1000);
            this.choose(this.shotAt(ms + 1));
        },

        choose(number, { goes = false } = {}) {
            const before = this.chosen;
            this.chosen = Math.max(0, Math.min(drawn.shots.length - 1, number));
            if (before !== this.chosen) this.showHere();
            this.$refs.seen.querySelectorAll('.seen-shot').forEach((block, i) => {
                block.classList.toggle('is-chosen', i === this.chosen);
            });
            if (goes && drawn.shots[this.chosen]) this.seek(drawn.shots[this.chosen].from / 1000);
            if (goes) this.$refs.seen.children[this.chosen]?.scrollIntoView({ block: 'nearest' });
        },

        stepWord(by) {
            const words = this.words();
            const ms = 1000 * (this.at + FRAME / 2);
            const on = words.findLastIndex((word) => Number(word.dataset.from) <= ms);
            const to = words[Math.max(0, Math.min(words.length - 1, on + by))];
            if (to) this.goTo(Number(to.dataset.from));
        },

        /** What is set on this page may be a level: that is asked for first. */
        acted(detail) {
            if (detail.answer && this.playing) this.hearAsSet();
            pageActed.call(this, detail);
        },

        async hearAsSet() {
            this.hearNow({ sound: await ask(urls.heard), proof: this.proof });
        },
    };
};
