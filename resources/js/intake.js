import ask from './ask';

const AT_ONCE = 20;

export const KEPT = 'rapid-reel-intake';

/** Scripts put under those that are typed already. */
export const under = (typed, more) => (typed.trim() ? `${typed.trimEnd()}\n\n---\n\n` : '') + more;

/** Scripts being typed, and beside them what becomes of each. The text stays in the browser until a batch is made. */
export default (urls, typedBefore, houseVoice) => ({
    text: typedBefore || localStorage.getItem(KEPT) || '',
    before: [],
    html: '',
    count: 0,
    usable: false,
    problems: [],
    refused: '',
    reading: false,
    over: false,
    latest: null,

    init() {
        this.$watch('text', () => { localStorage.setItem(KEPT, this.text); this.preview(); });
        this.preview();
    },

    /** What is set for all of them, by the names of the fields. */
    choices() {
        return Object.fromEntries(
            [...new FormData(this.$root)].filter(([name]) => !['_token', 'text', 'name', 'quality'].includes(name)),
        );
    },

    chose(event) {
        if (event.target.closest('.intake-choices') && event.target.name !== 'name')
            this.$nextTick(() => this.preview());
    },

    async preview() {
        this.latest?.abort();
        this.latest = new AbortController();
        this.reading = true;
        try {
            const json = { ...this.choices(), text: this.text };
            const answer = await ask(urls.preview, { method: 'POST', json, signal: this.latest.signal });
            [this.html, this.count, this.usable, this.refused] = [answer.html, answer.count, answer.usable, ''];
            this.reading = false;
        } catch (problem) {
            if (problem.name === 'AbortError') return;
            [this.refused, this.usable, this.reading] = [problem.message, false, false];
        }
    },

    /** Some files at a time: a server takes only so many in one request, and drops the rest without a word. */
    async take(files) {
        this.over = false;
        this.problems = [];
        const all = [...files];
        for (let at = 0; at < all.length; at += AT_ONCE) {
            const some = all.slice(at, at + AT_ONCE);
            const form = new FormData();
            form.append('count', some.length);
            some.forEach((file) => form.append('files[]', file));
            try {
                const answer = await ask(urls.files, { method: 'POST', form });
                if (answer.text) this.text = under(this.text, answer.text);
                this.problems.push(...answer.problems);
            } catch (problem) {
                this.problems.push(problem.message);
            }
        }
        this.$refs.files.value = '';
    },

    /** A note to be spoken after all, or the articles of a page to be kept: the server writes the text anew. */
    async mend(event) {
        const note = event.target.closest('[data-say]');
        const keep = event.target.closest('[data-keep] button')?.parentElement;
        if (!note && !keep) return;
        const [script, line, run] = note ? note.dataset.say.split(',').map(Number) : [Number(keep.dataset.keep)];
        const articles = keep && [...keep.querySelectorAll(':checked')].map((box) => Number(box.value));
        try {
            const { text } = await ask(note ? urls.say : urls.keep, {
                method: 'POST',
                json: { text: this.text, script, line, run, articles },
            });
            this.before.push(this.text);
            [this.text, this.refused] = [text, ''];
        } catch (problem) {
            this.refused = problem.message;
        }
    },

    takeBack() {
        this.text = this.before.pop();
    },

    send() {
        localStorage.removeItem(KEPT);
    },

    listen() {
        this.$refs.sample.src = urls.sample.replace('VOICE', this.choices().voice || houseVoice);
        this.$refs.sample.play();
    },
});
