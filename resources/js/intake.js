import ask from './ask';

const KEPT = 'rapid-reel-intake';

/** Scripts being typed, and beside them what will become of each. The text is kept in the browser until a batch is made. */
export default (urls, typedBefore) => ({
    text: typedBefore || localStorage.getItem(KEPT) || '',
    profile: '',
    html: '',
    count: 0,
    usable: false,
    problems: [],
    refused: '',
    reading: false,
    over: false,
    latest: null,

    init() {
        this.profile = this.$refs.profile.value;
        this.$watch('text', () => { localStorage.setItem(KEPT, this.text); this.preview(); });
        this.$watch('profile', () => this.preview());
        this.preview();
    },

    async preview() {
        this.latest?.abort();
        this.latest = new AbortController();
        this.reading = true;
        try {
            const answer = await ask(urls.preview, { method: 'POST', json: { text: this.text, profile: this.profile }, signal: this.latest.signal });
            [this.html, this.count, this.usable, this.refused] = [answer.html, answer.count, answer.usable, ''];
            this.reading = false;
        } catch (problem) {
            if (problem.name === 'AbortError') return;
            [this.refused, this.usable, this.reading] = [problem.message, false, false];
        }
    },

    async take(files) {
        this.over = false;
        const form = new FormData();
        [...files].forEach((file) => form.append('files[]', file));
        try {
            const answer = await ask(urls.files, { method: 'POST', form });
            if (answer.text) this.text = (this.text.trim() ? this.text.trimEnd() + '\n\n---\n\n' : '') + answer.text;
            this.problems = answer.problems;
        } catch (problem) {
            this.problems = [problem.message];
        }
        this.$refs.files.value = '';
    },

    send() {
        localStorage.removeItem(KEPT);
    },

    listen(url) {
        this.$refs.voice.src = url;
        this.$refs.voice.play();
    },
});
