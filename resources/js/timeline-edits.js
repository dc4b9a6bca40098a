import ask from './ask';
import { renew } from './page';
import { FRAME } from './stage';

/** What is done on a sheet: to scenes and shots, and what is set for them. */
export const editing = (drawn, urls, now) => ({
    doesTo(url, json) {
        return this.does(() => ask(url, { method: 'POST', json }), { all: true });
    },

    act(act, value) {
        return this.does(() => ask(urls.act, { method: 'POST', json: { act, value, shorts: [now.short] } }));
    },

    lengthShorts() {
        return [now.short];
    },

    set(key, value, { scene = null } = {}) {
        const place = scene === null
            ? { level: 'short', ids: [now.short] }
            : { level: 'scene', ids: [drawn().scenes[scene].id] };
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
        const gap = drawn().silences.find(([from, until]) => at >= from - 40 && at < until)
            ?? drawn().silences.find(([from]) => from >= at);
        if (!gap) return;
        const scene = this.sceneAt(gap[0]);
        const isGap = gap[1] >= drawn().scenes[scene].until;
        this.set(isGap ? 'pause' : 'dead_air', isGap ? 40 : 60, { scene });
    },

    edit(number) {
        const scene = drawn().scenes[number];
        [this.editing, this.text] = [number, scene.text];
        this.$nextTick(() => {
            this.$refs.field.style.top = `${(scene.from * this.px) / 1000}px`;
            this.$refs.text.focus();
        });
    },

    async keep() {
        const scene = drawn().scenes[this.editing];
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
        const scene = drawn().scenes[this.sceneAt(1000 * this.at)];
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
        return drawn().scenes[scene].shot.replace(/0$/, word);
    },

    /** Moves where the chosen shot begins by words or frames. */
    nudge(words, frames = 0) {
        const shot = drawn().shots[this.chosen];
        if (!shot || shot.first) return;
        if (frames) {
            const start = drawn().scenes[shot.scene].words[shot.word]?.[1] ?? shot.from;
            const off = Math.round((shot.from - start) / drawn().frame) + frames;
            return this.doesTo(shot.does, { do: 'move', to: shot.word, frames: off });
        }
        return this.doesTo(shot.does, { do: 'move', to: shot.word + words, frames: 0 });
    },

    slip(ms) {
        const shot = drawn().shots[this.chosen];
        if (shot?.clip) this.doesTo(shot.does, { do: 'slip', ms: Math.max(0, Math.min(shot.most, shot.in + ms)) });
    },

    swap(number) {
        const shot = drawn().shots[this.chosen];
        return shot && (number ? this.pickBest(shot.swap, number) : this.pick(shot.swap));
    },

    // What is set for the scene and the shot that are chosen

    toggleHere() {
        this.isHere = !this.isHere;
        this.showHere();
        this.$nextTick(() => this.sound());
    },

    async showHere() {
        const shot = drawn().shots[this.chosen];
        const scene = drawn().scenes[this.sceneAt(1000 * this.at)];
        const url = shot?.here ?? scene?.shot.concat('/here');
        if (!this.isHere || !url) return;
        const answer = await fetch(url);
        const html = answer.ok ? await answer.text() : '';
        // The same as before stays as it is: something in it may be open.
        if (this.isHere && url === (drawn().shots[this.chosen]?.here ?? url)) renew(this.$refs.here, html);
    },

    optional() {
        const scene = this.sceneAt(1000 * this.at);
        this.set('need', drawn().scenes[scene].optional ? 'needed' : 'optional', { scene });
    },
});
