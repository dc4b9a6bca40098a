import ask, { shows } from './ask';
import looking from './looking';
import { page, renew } from './page';
import { bringing } from './pace';
import { picking } from './picking';
import { FRAME, staged } from './stage';
import { carding } from './timeline-cards';
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
    let drag = null;
    return {
        ...page(urls, now),
        ...staged(),
        ...bringing(urls.pace),
        ...picking(),
        ...sounding(() => drawn, () => heard),
        ...carding(() => drawn),
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
            for (const part of ['pace', 'settings', 'history']) renew(this.$refs[part], answer[part]);
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

        // What is done

        doesTo(url, json) {
            return this.does(() => ask(url, { method: 'POST', json }), { all: true });
        },

        act(act, value) {
            return this.does(() => ask(urls.act, { method: 'POST', json: { act, value, shorts: [now.short] } }));
        },

        lengthShorts() {
            return [now.short];
        },

        /** What is set on this page may be a level: that is asked for first. */
        acted(detail) {
            if (detail.answer && this.playing) this.hearAsSet();
            pageActed.call(this, detail);
        },

        async hearAsSet() {
            this.hearNow({ sound: await ask(urls.heard), proof: this.proof });
        },

        set(key, value, { scene = null } = {}) {
            const place = scene === null
                ? { level: 'short', ids: [now.short] }
                : { level: 'scene', ids: [drawn.scenes[scene].id] };
            return this.does(async () => {
                const answer = await ask(urls.settings, {
                    method: 'PUT', json: { channel: now.channel, key, value: String(value), ...place },
                });
                if (this.playing) this.hearAsSet();
                return answer;
            });
        },

        async keepPattern(field) {
            const kept = await this.does(() => ask(urls.pattern, { method: 'POST', json: { name: field.value } }));
            if (kept) field.value = '';
        },

        mend(button) {
            const { does, value, scene, level } = button.dataset;
            if (['tighten', 'stretch'].includes(does)) return this.openLength(does, Number(value) / 1000);
            return this.set(does, value, { scene: level === 'scene' ? Number(scene) : null });
        },

        /** Closes the pause at a moment: the one inside its scene, or the one after it. */
        closeGap(ms = null) {
            const at = ms ?? 1000 * this.at;
            const gap = drawn.silences.find(([from, until]) => at >= from - 40 && at < until)
                ?? drawn.silences.find(([from]) => from >= at);
            if (!gap) return;
            const scene = this.sceneAt(gap[0]);
            const isGap = gap[1] >= drawn.scenes[scene].until;
            this.set(isGap ? 'pause' : 'dead_air', isGap ? 40 : 60, { scene });
        },

        edit(number) {
            const scene = drawn.scenes[number];
            [this.editing, this.text] = [number, scene.text];
            this.$nextTick(() => {
                this.$refs.field.style.top = `${(scene.from * this.px) / 1000}px`;
                this.$refs.text.focus();
            });
        },

        async keep() {
            const scene = drawn.scenes[this.editing];
            if (this.text.trim() === scene.text) return void (this.editing = null);
            const done = await this.does(async () => {
                await ask(scene.reword, { method: 'PUT', json: { text: this.text } });
                return { said: 'Only what changed is voiced again.' };
            });
            if (done) this.editing = null;
        },

        /** Splits before the word at the playhead. */
        splitScene() {
            const word = this.wordAt(1000 * (this.at + FRAME / 2));
            const scene = drawn.scenes[this.sceneAt(1000 * this.at)];
            if (!word || !scene) return;
            const before = scene.words.slice(0, Number(word.dataset.word)).map(([text]) => text).join(' ').length;
            this.doesTo(scene.reword, { do: 'split', at: before });
        },

        splitShot() {
            const ms = 1000 * (this.at + FRAME / 2);
            const word = this.wordAt(ms);
            if (word) this.doesTo(this.shotUrl(this.sceneAt(ms), Number(word.dataset.word)), { do: 'split' });
        },

        shotUrl(scene, word) {
            return drawn.scenes[scene].shot.replace(/0$/, word);
        },

        /** Moves where the chosen shot begins by words or frames. */
        nudge(words, frames = 0) {
            const shot = drawn.shots[this.chosen];
            if (!shot || shot.first) return;
            if (frames) {
                const start = drawn.scenes[shot.scene].words[shot.word]?.[1] ?? shot.from;
                const off = Math.round((shot.from - start) / drawn.frame) + frames;
                return this.doesTo(shot.does, { do: 'move', to: shot.word, frames: off });
            }
            return this.doesTo(shot.does, { do: 'move', to: shot.word + words, frames: 0 });
        },

        slip(ms) {
            const shot = drawn.shots[this.chosen];
            if (shot?.clip) this.doesTo(shot.does, { do: 'slip', ms: Math.max(0, Math.min(shot.most, shot.in + ms)) });
        },

        swap(number) {
            const shot = drawn.shots[this.chosen];
            return shot && (number ? this.pickBest(shot.swap, number) : this.pick(shot.swap));
        },

        // What is set for the scene and the shot that are chosen

        toggleHere() {
            this.isHere = !this.isHere;
            this.showHere();
            this.$nextTick(() => this.sound());
        },

        async showHere() {
            const shot = drawn.shots[this.chosen];
            const scene = drawn.scenes[this.sceneAt(1000 * this.at)];
            const url = shot?.here ?? scene?.shot.concat('/here');
            if (!this.isHere || !url) return;
            const answer = await fetch(url);
            const html = answer.ok ? await answer.text() : '';
            // The same as before stays as it is: something in it may be open.
            if (this.isHere && url === (drawn.shots[this.chosen]?.here ?? url)) renew(this.$refs.here, html);
        },

        optional() {
            const scene = this.sceneAt(1000 * this.at);
            this.set('need', drawn.scenes[scene].optional ? 'needed' : 'optional', { scene });
        },

        // By mouse

        clicked(event) {
            const word = event.target.closest('.said-word');
            const gap = event.target.closest('.said-gap');
            const flag = event.target.closest('.said-flag');
            const effect = event.target.closest('.heard-effect');
            const shot = event.target.closest('.seen-shot');
            if (effect) this.effectClicked(effect);
            else if (gap) this.closeGap(Number(gap.dataset.gap));
            else if (word) this.goTo(Number(word.dataset.from));
            else if (flag) this.goTo(Number(flag.dataset.flag));
            else if (shot) this.choose(Number(shot.dataset.shot), { goes: true });
            else if (!event.target.closest('button, textarea, .field')) {
                this.goTo(this.under(event));
            }
        },

        grabbed(event) {
            if (this.pointGrabbed(event)) return;
            const kind = event.target.closest('[data-drags]')?.dataset.drags;
            if (!kind) return;
            event.preventDefault();
            const block = event.target.closest('.seen-shot, .said-scene');
            drag = { kind, block, number: Number(block.dataset.shot ?? block.dataset.scene), y: event.clientY };
            block.classList.add('is-dragged');
        },

        /** Where a pointer is, in ms of the short. */
        under(event) {
            return (1000 * (event.clientY - this.$refs.body.getBoundingClientRect().top)) / this.px;
        },

        /** The word of a shot's scene that is nearest to a moment, and the frames off it where it is free. */
        nearest(number, ms, free) {
            const shot = drawn.shots[number];
            const words = drawn.scenes[shot.scene].words;
            let best = 1;
            words.forEach(([, from], i) => {
                if (i > 0 && Math.abs(from - ms) < Math.abs(words[best][1] - ms)) best = i;
            });
            return { to: best, frames: free ? Math.round((ms - words[best][1]) / drawn.frame) : 0 };
        },

        dragged(event) {
            this.pointDragged(event);
            if (!drag) return;
            const guide = this.$refs.guide;
            guide.hidden = false;
            let ms = this.under(event);
            if (drag.kind === 'edge') {
                const { to, frames } = this.nearest(drag.number, ms, event.altKey);
                ms = drawn.scenes[drawn.shots[drag.number].scene].words[to][1] + frames * drawn.frame;
            } else ms = drawn.scenes[this.sceneAt(ms)].from;
            guide.style.transform = `translateY(${(ms * this.px) / 1000}px)`;
        },

        dropped(event) {
            this.pointDropped(event);
            if (!drag) return;
            const { kind, number, block, y } = drag;
            drag = null;
            this.$refs.guide.hidden = true;
            block.classList.remove('is-dragged');
            if (Math.abs(event.clientY - y) < 3) {
                if (kind === 'scene') this.edit(number);
                return;
            }
            const ms = this.under(event);
            if (kind === 'edge') {
                this.doesTo(drawn.shots[number].does, { do: 'move', ...this.nearest(number, ms, event.altKey) });
            } else this.doesTo(drawn.scenes[number].reword, { do: 'place', at: this.sceneAt(ms) });
        },

        // By key

        keyed(event) {
            if (event.target.closest('input, textarea, select, summary') || event.ctrlKey || event.metaKey) return;
            // A button that is pressed by key does what it says.
            const isPressed = event.target.closest('button, a') && ['Enter', ' '].includes(event.key);
            if (isPressed || document.querySelector('.modal.show')) return;
            const does = this.keys(event.altKey)[event.key];
            if (!does) return;
            event.preventDefault();
            does();
        },

        /** What a key does, done by a button: "Alt+Enter". */
        run(key) {
            this.keys(key.startsWith('Alt+'))[key.replace('Alt+', '')]();
        },

        keys(withAlt) {
            const scene = this.sceneAt(1000 * (this.at + FRAME / 2));
            return withAlt ? {
                ArrowUp: () => this.doesTo(drawn.scenes[scene].reword, { do: 'up' }),
                ArrowDown: () => this.doesTo(drawn.scenes[scene].reword, { do: 'down' }),
                ArrowRight: () => this.moveLevel(1),
                ArrowLeft: () => this.moveLevel(-1),
                Delete: () => this.dropPoint(),
                Enter: () => this.splitScene(),
                j: () => this.doesTo(drawn.scenes[scene].reword, { do: 'join' }),
            } : {
                ' ': () => { this.part = null; this.play(); },
                ArrowDown: () => this.stepWord(1),
                ArrowUp: () => this.stepWord(-1),
                ArrowRight: () => this.seek(this.at + FRAME),
                ArrowLeft: () => this.seek(this.at - FRAME),
                PageDown: () => this.choose(this.chosen + 1, { goes: true }),
                PageUp: () => this.choose(this.chosen - 1, { goes: true }),
                Home: () => this.seek(0),
                End: () => this.seek(this.seconds),
                Enter: () => this.edit(scene),
                '+': () => this.zoom(this.px * 1.3),
                '-': () => this.zoom(this.px / 1.3),
                0: () => this.zoom(this.fitting()),
                '[': () => this.nudge(-1),
                ']': () => this.nudge(1),
                '{': () => this.nudge(0, -1),
                '}': () => this.nudge(0, 1),
                ',': () => this.slip(-200),
                '.': () => this.slip(200),
                s: () => this.splitShot(),
                j: () => drawn.shots.length && this.doesTo(drawn.shots[this.chosen].does, { do: 'join' }),
                x: () => this.closeGap(),
                o: () => this.optional(),
                p: () => this.playScene(scene),
                t: () => this.playShot(),
                k: () => this.playPart(0, drawn.scenes[0].until / 1000),
                a: () => this.toggleHere(),
                c: () => this.openEffects(),
                i: () => this.openCard(),
                6: () => this.swap(),
                r: () => { this.looped = !this.looped; },
                1: () => this.swap(1), 2: () => this.swap(2), 3: () => this.swap(3), 4: () => this.swap(4),
                5: () => this.swap(5),
            };
        },

        frames() {
            const shot = drawn.shots[this.chosen];
            if (shot) location.assign(shot.framing);
        },

        playScene(scene) {
            this.playPart(drawn.scenes[scene].from / 1000, drawn.scenes[scene].until / 1000);
        },

        playShot() {
            const shot = drawn.shots[this.chosen];
            if (shot) this.playPart(shot.from / 1000, shot.until / 1000);
        },
    };
};
