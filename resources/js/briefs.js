import ask, { shows } from './ask';
import { until } from './waiting';

/** What scenes should show, typed into a table, and the pictures that come back for it. */
export default (urls, revision, making) => ({
    problem: '',
    waiting: 0,
    making,
    done: 0,
    all: 0,
    brought: '',

    init() {
        shows(revision);
        if (making) this.look();
    },

    async save(field) {
        if (field.value.trim() === field.defaultValue.trim()) return;
        try {
            await ask(field.dataset.url, { method: 'PUT', json: { text: field.value } });
            field.defaultValue = field.value;
            location.reload();
        } catch (problem) {
            this.problem = problem.message;
        }
    },

    /** Brings files in one by one, and has them put to the shots of their numbers. */
    async bring(files) {
        const problems = [];
        const [names, ids] = [[], []];
        [this.problem, this.brought, this.waiting] = ['', '', files.length];
        for (const file of [...files]) {
            const form = new FormData();
            form.append('files[]', file);
            try {
                const answer = await ask(urls.store, { method: 'POST', form });
                problems.push(...answer.problems);
                if (answer.ids.length) {
                    names.push(file.name);
                    ids.push(answer.ids[0]);
                }
            } catch (problem) {
                problems.push(`${file.name}: ${problem.message}`);
            }
            this.waiting--;
        }
        this.$refs.bring.value = '';
        try {
            if (ids.length) {
                const json = { names: names.join('\n'), ids };
                this.brought = (await ask(urls.bring, { method: 'POST', json })).html;
            }
        } catch (problem) {
            problems.push(problem.message);
        }
        this.problem = problems.join(' ');
    },

    /** Has pictures made for all shots, or four more for one. */
    async make(ids = []) {
        [this.problem, this.brought] = ['', ''];
        try {
            await ask(urls.made, { method: 'POST', json: { ids } });
            [this.making, this.done, this.all] = [true, 0, ids.length];
            await this.look();
        } catch (problem) {
            this.problem = problem.message;
        }
    },

    look() {
        return until(async () => {
            const answer = await ask(urls.made);
            [this.making, this.done, this.all] = [answer.working, answer.done, answer.all];
            [this.problem, this.brought] = [answer.problem, answer.html];
            shows(answer.revision);
            return !this.making;
        });
    },

    clicked(event) {
        const more = event.target.closest('[data-more]');
        return more ? this.make([Number(more.dataset.more)]) : this.pick(event.target.closest('[data-footage]'));
    },

    async pick(button) {
        if (!button) return;
        const row = button.closest('.candidates');
        this.turnTo(row);
        try {
            await ask(row.dataset.url, { method: 'PUT', json: { footage: Number(button.dataset.footage) } });
            for (const one of row.querySelectorAll('[data-footage]')) one.ariaPressed = String(one === button);
        } catch (problem) {
            this.problem = problem.message;
        }
    },

    turnTo(row) {
        if (!row) return;
        for (const one of this.rows()) one.classList.toggle('is-on', one === row);
        row.scrollIntoView({ block: 'nearest' });
    },

    rows() {
        return [...this.$root.querySelectorAll('.candidates')];
    },

    keyed(event) {
        if (event.target.closest('input, textarea, select') || event.ctrlKey || event.metaKey || event.altKey) return;
        const rows = this.rows();
        const at = rows.findIndex((row) => row.classList.contains('is-on'));
        if (at < 0) return;
        if (/^[1-9]$/.test(event.key)) {
            this.pick(rows[at].querySelectorAll('[data-footage]')[Number(event.key) - 1]);
        } else if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
            event.preventDefault();
            this.turnTo(rows[at + (event.key === 'ArrowDown' ? 1 : -1)]);
        }
    },
});
