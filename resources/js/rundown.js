import ask from './ask';
import renew from './renew';

/** The rows of a batch: which are chosen, and a fresh look while something is being made. */
export default (url, working) => ({
    chosen: [],
    working,

    init() {
        if (this.working) setTimeout(() => this.look(), 1000);
    },

    async look() {
        try {
            const answer = await ask(url);
            renew(this.$refs.rows, answer.html);
            this.working = answer.working;
        } catch {
            this.working = true;
        }
        if (this.working) setTimeout(() => this.look(), 1000);
    },

    all(event) {
        this.chosen = event.target.checked ? [...this.$refs.rows.querySelectorAll('input[type=checkbox]')].map((box) => box.value) : [];
    },

    get what() {
        return this.chosen.length ? `${this.chosen.length} chosen` : 'all';
    },

    query() {
        return this.chosen.map((id) => `shorts[]=${id}`).join('&');
    },
});
