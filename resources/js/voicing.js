import Modal from 'bootstrap/js/dist/modal';
import ask from './ask';
import recorder from './recorder';
import renew from './renew';

/** The voice of a short: settings, recordings brought or made, and a fresh look while words are being found. */
export default (urls, working) => ({
    ...recorder(),
    working,
    zoom: 140,
    revision: '',
    said: '',
    problem: '',
    target: '',
    text: '',

    init() {
        this.look();
    },

    async look() {
        try {
            const answer = await ask(urls.state);
            renew(this.$refs.head, answer.head);
            // The takes draw themselves: they are only put in anew when something about them changed, and never under the hand.
            const busy = document.activeElement?.closest('.wave-word, .reading-set');
            if (this.revision && this.revision !== answer.revision && !busy) this.$refs.scenes.innerHTML = answer.scenes;
            this.working = answer.working || (busy && this.revision !== answer.revision);
            if (!busy || !this.revision) this.revision = answer.revision;
            if (!this.working) this.said = '';
        } catch {
            this.working = true;
        }
        clearTimeout(this.next);
        if (this.working) this.next = setTimeout(() => this.look(), 900);
    },

    async set(field, value, url = urls.set) {
        await this.send(() => ask(url, { method: 'PUT', json: { field, value } }));
    },

    async upload(input, text) {
        const files = [...input.files];
        const sound = files.find((file) => !/\.(srt|vtt|json)$/i.test(file.name));
        const timing = files.find((file) => /\.(srt|vtt|json)$/i.test(file.name));
        input.value = '';
        if (!sound) {
            this.problem = 'Choose a recording; a file of times can come with it.';
            return;
        }
        await this.bring(sound, text, timing);
    },

    async bring(sound, text, timing = null) {
        const form = new FormData();
        form.append('sound', sound, sound.name ?? 'recording.webm');
        form.append('text', text);
        if (timing) form.append('timing', timing);
        await this.send(() => ask(urls.record, { method: 'POST', form }));
    },

    async send(asking) {
        try {
            this.said = (await asking()).said ?? '';
            [this.problem, this.working] = ['', true];
            await this.look();
        } catch (problem) {
            this.problem = problem.message;
        }
    },

    acted({ problem = '', answer = null }) {
        this.problem = problem;
        this.said = answer?.said ?? '';
        if (answer) this.look();
    },

    // The recorder

    open(target, text) {
        [this.target, this.text] = [target, text];
        this.reset();
        Modal.getOrCreateInstance('#recorder').show();
    },

    close() {
        this.release();
        Modal.getOrCreateInstance('#recorder').hide();
    },

    async keep() {
        const sound = this.recorded;
        this.close();
        await this.bring(sound, this.target);
    },
});
