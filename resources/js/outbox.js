import Modal from 'bootstrap/js/dist/modal';
import Papa from 'papaparse';
import ask from './ask';
import { page, renew } from './page';

const FIELDS = ['title', 'description', 'tags', 'language'];
const letters = new Intl.Segmenter(undefined, { granularity: 'grapheme' });

/** The texts of a batch as a table that is edited as in a spreadsheet, and what leaves when. */
export default (urls, now) => ({
    ...page(urls, now),
    chosen: [],
    all: false,
    find: '',
    put: '',
    cover: { all: [], ms: 0, text: '', length: 40, picture: '', says: '' },

    begin() {
        this.$root.addEventListener('change', () => { this.chosen = this.ticked(); });
    },

    fresh(answer) {
        const { chosen } = this;
        renew(this.$refs.rows, answer.rows);
        this.$root.querySelectorAll('tbody .tick input').forEach((box) => {
            box.checked = chosen.includes(Number(box.value));
        });
        this.$refs.lead.textContent = answer.lead;
    },

    ticked() {
        return [...this.$root.querySelectorAll('tbody .tick input:checked')].map((box) => Number(box.value));
    },

    chooseAll(on) {
        this.$root.querySelectorAll('tbody .tick input').forEach((box) => { box.checked = on; });
    },

    act(what) {
        return this.does(() => ask(urls.act, {
            method: 'POST', json: { do: what, outlet: this.outlet, all: this.all, shorts: this.chosen },
        }));
    },

    rows() {
        const all = [...this.$refs.rows.querySelectorAll('tr[data-id]')];
        return this.chosen.length ? all.filter((row) => this.chosen.includes(Number(row.dataset.id))) : all;
    },

    keep(cells) {
        if (!cells.length) return null;
        return this.does(() => ask(urls.cells, {
            method: 'POST', json: { outlet: this.outlet, cells: JSON.stringify(cells) },
        }));
    },

    cell: (field) => ({
        short: Number(field.closest('tr').dataset.id), field: field.dataset.field, value: field.value,
    }),

    typed({ target }) {
        const count = target.parentElement.querySelector('.cell-count');
        if (!target.dataset.field || !count) return;
        const long = target.dataset.field === 'tags'
            ? target.value.split(/[,;\n#]+/).filter((tag) => tag.trim()).length
            : [...letters.segment(target.value)].length;
        count.textContent = `${long} of ${count.dataset.most}`;
        target.parentElement.classList.toggle('is-over', long > Number(count.dataset.most));
    },

    changed({ target }) {
        if (target.dataset.field) return this.keep([this.cell(target)]);
        if (target.matches('[data-at]') && target.value) return this.moved(target);
        return null;
    },

    async moved(field) {
        const row = field.closest('tr');
        // Without a row of its own nothing stands on a day yet.
        if (!row.dataset.post) {
            await this.keep([{ short: Number(row.dataset.id), field: 'language', value: row.querySelector(
                '[data-field=language]',
            ).value }]);
        }
        const { post } = this.$refs.rows.querySelector(`tr[data-id="${row.dataset.id}"]`).dataset;
        return this.does(() => ask(urls.post.replace('/0', `/${post}`), {
            method: 'POST', json: { do: 'move', at: field.value },
        }));
    },

    pressed({ target }) {
        const button = target.closest('[data-verb]');
        if (!button) return null;
        const row = button.closest('tr');
        if (button.dataset.verb === 'cover') return this.covers(row.dataset.id);
        if (button.dataset.verb === 'back') {
            return this.keep([{ short: Number(row.dataset.id), field: button.dataset.field, value: null }]);
        }
        if (button.dataset.verb === 'now' && !row.dataset.post) {
            return this.does(() => ask(urls.act, {
                method: 'POST', json: { do: 'now', outlet: this.outlet, shorts: [Number(row.dataset.id)] },
            }));
        }
        return this.does(() => ask(urls.post.replace('/0', `/${row.dataset.post}`), {
            method: 'POST', json: { do: button.dataset.verb },
        }));
    },

    /** Cells that were copied in a spreadsheet fill those from here on, to the right and down. */
    pasted(event) {
        const text = event.clipboardData?.getData('text/plain') ?? '';
        const { field } = event.target.dataset;
        if (!field || !/[\t]|\n./.test(text.trimEnd()) || (field === 'description'
            && !text.includes('\t'))) return null;
        event.preventDefault();
        const table = Papa.parse(text.trimEnd(), { delimiter: '\t' }).data;
        const all = [...this.$refs.rows.querySelectorAll('tr[data-id]')];
        const from = all.indexOf(event.target.closest('tr'));
        const cells = table.flatMap((values, down) => values.map((value, across) => ({
            row: all[from + down], field: FIELDS[FIELDS.indexOf(field) + across], value,
        }))).filter((one) => one.row && one.field && !one.row.querySelector(`[data-field=${one.field}]`).readOnly);
        return this.keep(cells.map(({ row, field: name, value }) => ({
            short: Number(row.dataset.id), field: name, value,
        })));
    },

    /** What stands in the cell that was worked in last goes into all below it. */
    fillDown() {
        const from = this.$refs.rows.contains(this.last_) ? this.last_ : null;
        if (!from) {
            this.problem = 'Press into a cell first: what stands there is filled into those below it.';
            return null;
        }
        const rows = this.rows();
        const below = rows.slice(rows.indexOf(from.closest('tr')) + 1);
        return this.keep(below.map((row) => row.querySelector(`[data-field=${from.dataset.field}]`))
            .filter((field) => !field.readOnly).map((field) => ({ ...this.cell(field), value: from.value })));
    },

    replace() {
        const cells = this.rows().flatMap((row) => [...row.querySelectorAll('[data-field]:not([readonly])')])
            .filter((field) => field.value.includes(this.find))
            .map((field) => ({ ...this.cell(field), value: field.value.replaceAll(this.find, this.put) }));
        if (!cells.length) this.problem = `“${this.find}” stands in none of these texts.`;
        return this.keep(cells);
    },

    keyed(event) {
        if (!event.altKey || !['ArrowDown', 'ArrowUp'].includes(event.key) || !event.target.dataset.field) return;
        const row = event.target.closest('tr');
        const next = event.key === 'ArrowDown' ? row.nextElementSibling : row.previousElementSibling;
        next?.querySelector(`[data-field=${event.target.dataset.field}]`)?.focus();
        event.preventDefault();
    },

    take(input) {
        const form = new FormData();
        form.append('table', input.files[0]);
        input.value = '';
        return this.does(() => ask(urls.take, { method: 'POST', form }));
    },

    async covers(short) {
        Object.assign(this.cover, { all: [], short, picture: '', says: 'Frames are being looked at…' });
        Modal.getOrCreateInstance('#cover').show();
        try {
            const { covers, ms, text, length } = await ask(urls.covers.replace('/0/', `/${short}/`));
            Object.assign(this.cover, { all: covers, length, text, ms: ms ?? covers[0]?.ms ?? 0, says: '' });
            this.coverShown();
        } catch (problem) {
            this.cover.says = problem.message;
        }
    },

    coverShown() {
        const query = new URLSearchParams({ ms: this.cover.ms, text: this.cover.text });
        this.cover.picture = `${urls.picture.replace('/0/', `/${this.cover.short}/`)}?${query}`;
    },

    async coverKept() {
        const { short, ms, text } = this.cover;
        Modal.getOrCreateInstance('#cover').hide();
        await this.does(() => ask(urls.covers.replace('/0/', `/${short}/`), { method: 'PUT', json: { ms, text } }));
    },

    // The cell that was worked in last, for what fills down from there.
    last_: null,

    init() {
        page(urls, now).init.call(this);
        this.$root.addEventListener('focusin', ({ target }) => {
            if (target.dataset?.field && target.matches('textarea')) this.last_ = target;
        });
    },
});
