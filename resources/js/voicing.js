import Modal from 'bootstrap/js/dist/modal';
import ask, { shows } from './ask';
import { page, renew } from './page';
import recorder from './recorder';

/** The voice of a short: settings, recordings brought or made, and a fresh look while words are being found. */
export default (urls, now) => ({
    ...page(urls, now),
    ...recorder(),
    zoom: 140,
    target: '',
    text: '',

    begin() {
        shows(now.revision);
    },

    fresh(answer) {
        shows(answer.revision);
        for (const part of ['head', 'scenes', 'settings']) renew(this.$refs[part], answer[part]);
        if (!this.working && this.said === 'Finding the words…') this.said = '';
    },

    async upload(input, text) {
        const files = [...input.files];
        const sound = files.find((file) => !/\.(srt|vtt|ass|json)$/i.test(file.name));
        const timing = files.find((file) => /\.(srt|vtt|ass|json)$/i.test(file.name));
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
        await this.does(() => ask(urls.record, { method: 'POST', form }));
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
