import ask from './ask';
import renew from './renew';

/** One short: scenes that can be reworded and rearranged, shots whose footage can be swapped, and a fresh look while a worker has it. */
export default (urls, { working, video, undo }) => ({
    working,
    video,
    undo,
    said: '',
    problem: '',
    dirty: {},
    shot: null,
    found: '',
    words: '',

    init() {
        window.addEventListener('beforeunload', (event) => { if (Object.keys(this.dirty).length) event.preventDefault(); });
        if (this.working) setTimeout(() => this.look(), 700);
    },

    async look({ at = null } = {}) {
        try {
            const answer = await ask(urls.state);
            // Words being typed are never replaced under the hand.
            if (!Object.keys(this.dirty).length && (at !== null || !this.$refs.scenes.contains(document.activeElement))) renew(this.$refs.scenes, answer.scenes);
            if (!this.$refs.panel.querySelector('input')?.value) renew(this.$refs.panel, answer.panel);
            renew(this.$refs.export, answer.export);
            [this.working, this.undo] = [answer.working, answer.undo];
            if (answer.video !== this.video) {
                this.video = answer.video;
                if (!this.$refs.player) location.reload();
                else this.$refs.player.src = this.$refs.player.dataset.from.replace('0/mp4', `${answer.video}/mp4`);
            }
            if (at !== null) this.$refs.scenes.querySelectorAll('textarea')[at]?.focus();
        } catch {
            this.working = true;
        }
        clearTimeout(this.next);
        if (this.working) this.next = setTimeout(() => this.look(), 1000);
    },

    // The words

    words_(element) {
        return element.closest('.scene-said').querySelector('textarea');
    },

    typed(area) {
        if (area.value.trim() === area.defaultValue.trim()) delete this.dirty[area.dataset.url];
        else this.dirty[area.dataset.url] = true;
        this.grow(area);
    },

    grow(area) {
        area.style.height = 'auto';
        area.style.height = `${area.scrollHeight + 2}px`;
    },

    keyed(event) {
        const area = event.target;
        const does = event.altKey
            ? { Enter: 'split', j: 'join', J: 'join', ArrowUp: 'up', ArrowDown: 'down' }[event.key]
            : { Escape: 'revert', ...(event.ctrlKey || event.metaKey ? { Enter: 'save' } : {}) }[event.key];
        if (!does) return;
        event.preventDefault();
        if (does === 'save') this.save(area);
        else if (does === 'revert') this.revert(area);
        else this.change(area, does);
    },

    async save(area, { andLook = true } = {}) {
        if (!this.dirty[area.dataset.url]) return true;
        try {
            const answer = await ask(area.dataset.url, { method: 'PUT', json: { text: area.value } });
            area.value = area.defaultValue = answer.text;
            delete this.dirty[area.dataset.url];
            if (andLook) {
                area.blur();
                [this.problem, this.said, this.working] = ['', '', true];
                this.look();
            }
            return true;
        } catch (problem) {
            this.problem = problem.message;
            return false;
        }
    },

    revert(area) {
        area.value = area.defaultValue;
        this.typed(area);
        area.blur();
    },

    /** Splits at the cursor, joins, moves or removes. What was typed is saved before. */
    async change(area, does) {
        const cut = area.value.slice(0, area.selectionStart).replace(/\s+/g, ' ').trimStart().length;
        const at = [...this.$refs.scenes.querySelectorAll('textarea')].indexOf(area);
        if (!await this.save(area, { andLook: false })) return;
        await this.does(() => ask(area.dataset.url, { method: 'POST', json: { do: does, at: cut } }), at + ({ split: 1, up: -1, down: 1 }[does] ?? 0));
    },

    takeBack() {
        return this.does(() => ask(urls.undo, { method: 'POST', json: {} }), -1);
    },

    async does(asking, at) {
        try {
            const { said } = await asking();
            [this.problem, this.said] = ['', said === 'Done.' ? '' : said];
            await this.look({ at });
        } catch (problem) {
            this.problem = problem.message;
        }
    },

    acted({ problem = '', answer = null }) {
        [this.problem, this.said] = [problem, answer?.said ?? ''];
        if (answer) this.look({ at: -1 });
    },

    // The pictures

    seek(seconds) {
        if (this.$refs.player) this.$refs.player.currentTime = seconds + 0.02;
    },

    async pick(button) {
        this.shot = button.dataset.url;
        this.words = '';
        await this.search();
        window.Modal.getOrCreateInstance('#picker').show();
    },

    async search() {
        const answer = await fetch(`${this.$refs.picker.dataset.url}?search=${encodeURIComponent(this.words)}`);
        this.found = await answer.text();
    },

    async swap(footage) {
        window.Modal.getOrCreateInstance('#picker').hide();
        document.activeElement?.blur();
        await this.does(async () => ({ said: '', ...await ask(this.shot, { method: 'PUT', json: { footage } }) }), -1);
    },
});
