import { KEPT, under } from './intake';
import ask from './ask';

/** Sketches and condensed texts: ordered from the server, looked through, and taken to the intake. */
export default (urls) => ({
    html: '',
    problem: '',
    busy: false,
    taken: 0,
    round: 0,
    last: '',

    async order(form, url, { more = false } = {}) {
        this.busy = true;
        this.problem = '';
        this.last = url;
        this.round = more ? this.round + 1 : 0;
        const body = new FormData(form);
        body.append('round', this.round);
        try {
            const { html } = await ask(urls[url], { method: 'POST', form: body });
            this.html = more ? this.html + html : html;
        } catch (problem) {
            this.problem = problem.message;
        }
        this.busy = false;
    },

    take(texts) {
        if (!texts.length) return;
        localStorage.setItem(KEPT, under(localStorage.getItem(KEPT) ?? '', texts.join('\n\n---\n\n')));
        this.taken += texts.length;
    },

    takeOne(event) {
        const button = event.target.closest('[data-take]');
        if (!button) return;
        this.take([button.dataset.take]);
        button.disabled = true;
        button.textContent = 'In the intake';
    },

    takeAll() {
        const buttons = [...this.$refs.sketches.querySelectorAll('[data-take]:not(:disabled)')];
        this.take(buttons.map((button) => button.dataset.take));
        buttons.forEach((button) => { button.disabled = true; button.textContent = 'In the intake'; });
    },
});
