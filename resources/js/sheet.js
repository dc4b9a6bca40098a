import ask from './ask';
import renew from './renew';

/** One short: scenes that can be reworded, shots whose footage can be swapped, and a fresh look while a worker has it. */
export default (url, working, video) => ({
    working,
    video,
    problem: '',
    dirty: {},
    shot: null,
    found: '',
    words: '',

    init() {
        window.addEventListener('beforeunload', (event) => { if (Object.keys(this.dirty).length) event.preventDefault(); });
        if (this.working) setTimeout(() => this.look(), 700);
    },

    async look() {
        try {
            const answer = await ask(url);
            // Words being typed are never replaced under the hand.
            if (!Object.keys(this.dirty).length && !this.$refs.scenes.contains(document.activeElement)) renew(this.$refs.scenes, answer.scenes);
            renew(this.$refs.export, answer.export);
            this.working = answer.working;
            if (answer.video !== this.video) {
                this.video = answer.video;
                if (!this.$refs.player) location.reload();
                else this.$refs.player.src = this.$refs.player.dataset.from.replace('0/mp4', `${answer.video}/mp4`);
            }
        } catch {
            this.working = true;
        }
        if (this.working) setTimeout(() => this.look(), 1000);
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

    async save(area) {
        if (!this.dirty[area.dataset.url]) return;
        try {
            const answer = await ask(area.dataset.url, { method: 'PUT', json: { text: area.value } });
            area.value = area.defaultValue = answer.text;
            delete this.dirty[area.dataset.url];
            area.blur();
            [this.problem, this.working] = ['', true];
            this.look();
        } catch (problem) {
            this.problem = problem.message;
        }
    },

    revert(area) {
        area.value = area.defaultValue;
        this.typed(area);
        area.blur();
    },

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
        try {
            await ask(this.shot, { method: 'PUT', json: { footage } });
            [this.problem, this.working] = ['', true];
            document.activeElement?.blur();
            this.look();
        } catch (problem) {
            this.problem = problem.message;
        }
    },
});
