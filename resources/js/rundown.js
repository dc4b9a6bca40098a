import ask from './ask';
import { bringing } from './pace';
import { page, renew } from './page';
import { around, arranged, shownRows } from './rows';
import { released } from './waiting';

/** The table of a batch: rows that are chosen, sorted and opened, and kept fresh while something is being made. */
export default (urls, now) => ({
    ...page(urls, now),
    ...bringing(urls.pace),
    urls,
    chosen: [],
    anchor: null,
    ranging: false,
    show: '',
    words: '',
    by: 'number',
    down: false,
    busy: false,
    none: false,
    // On a phone what changes shorts is folded away.
    acting: false,

    begin() {
        this.$refs.rows.querySelector('tr')?.setAttribute('tabindex', '0');
        // A large batch comes in two: what is seen first, and at once after it the rest.
        if (!this.isWhole) this.look();
    },

    // What the server says

    since() {
        return `?since=${this.asOf}`;
    },

    fresh({ rows, ids, asOf, head, history, counts, next }, { all = false }) {
        const body = this.$refs.rows;
        const focused = body.contains(document.activeElement) ? document.activeElement.id : '';
        for (const [id, html] of Object.entries(rows)) this.put(id, html);
        const here = new Set(ids.map(String));
        body.querySelectorAll('tr[data-id]').forEach((row) => {
            if (!here.has(row.dataset.id)) this.close(row) || row.remove();
        });
        this.chosen = this.chosen.filter((id) => here.has(id));
        [this.ids, this.asOf, this.counts, this.next] = [ids, asOf, counts, next];
        renew(this.$refs.head, head);
        renew(this.$refs.history, history);
        this.arrange();
        if (focused) document.getElementById(focused)?.focus();
        if (all) this.renewOpened();
    },

    put(id, html) {
        const old = this.$refs.rows.querySelector(`#row-${id}`);
        if (old?.outerHTML === html || old?.matches(':active')) return;
        const fresh = document.createElement('tbody');
        fresh.innerHTML = html;
        const row = fresh.firstElementChild;
        row.querySelector('.tick input').checked = this.chosen.includes(id);
        if (old) {
            row.tabIndex = old.tabIndex;
            row.querySelector('.opener').ariaExpanded = old.querySelector('.opener').ariaExpanded;
            old.replaceWith(row);
        } else {
            this.$refs.rows.append(row);
        }
    },

    async send(url, json, method = 'POST') {
        this.busy = true;
        await this.does(() => ask(url, { method, json: { since: this.asOf, ...json } }), { all: true });
        this.busy = false;
    },

    act(act, value = undefined) {
        return this.send(urls.act, { act, value, shorts: this.chosen });
    },

    lengthShorts() {
        return this.chosen;
    },

    /** What is to be set: its field is fetched. */
    async chooseSetting(button) {
        [this.setting, this.settingName] = [button.dataset.chooses, button.textContent.trim()];
        this.$refs.choice.open = false;
        try {
            const { html } = await ask(urls.field.replace('KEY', this.setting));
            this.$refs.field.innerHTML = html;
            this.$refs.field.querySelector('select, input')?.focus();
        } catch (problem) {
            this.problem = problem.message;
        }
    },

    /** Sets something for the chosen shorts; where none is chosen, for the batch as a whole. */
    set(inherited = false) {
        const field = this.$refs.field;
        const value = inherited
            ? null
            : (field.querySelector('[data-rule]') ?? field.querySelector('select, input')).value;
        const place = this.chosen.length
            ? { level: 'short', ids: this.chosen }
            : { level: 'batch', ids: [this.batch], whole: 'batch' };
        return this.send(
            urls.settings,
            { channel: this.channel, key: this.setting, value, inherit: inherited, ...place },
            'PUT',
        );
    },

    /** What a ZIP leaves out, as it is not what its short is now. */
    get left() {
        this.asOf;
        const rows = [...(this.$refs.rows?.querySelectorAll('tr[data-id]') ?? [])]
            .filter((row) => !this.chosen.length || this.chosen.includes(row.dataset.id));
        const count = (state) => rows.filter((row) => row.dataset.leaves === state).length;
        const [drafts, outdated] = [count('draft'), count('outdated')];
        const said = [drafts && `${drafts} ${drafts === 1 ? 'draft' : 'drafts'}`, outdated && `${outdated} outdated`];
        if (!drafts && !outdated) return '';
        return `${count('final') ? 'The ZIP leaves out' : 'Not finished:'} ${said.filter(Boolean).join(' and ')}.`;
    },

    get downloadable() {
        return this.counts.downloadable > 0;
    },

    // What is chosen

    get what() {
        return this.chosen.length ? `${this.chosen.length} chosen` : 'all';
    },

    query() {
        return this.chosen.map((id) => `shorts[]=${id}`).join('&');
    },

    choose(row, on) {
        row.querySelector('.tick input').checked = on;
        this.chosen = on
            ? [...new Set([...this.chosen, row.dataset.id])]
            : this.chosen.filter(id => id !== row.dataset.id);
    },

    all(event) {
        shownRows(this.$refs.rows).forEach((row) => this.choose(row, event.target.checked));
    },

    ticked(event) {
        const row = event.target.closest('tr[data-id]');
        if (!event.target.matches('.tick input')) return;
        this.choose(row, event.target.checked);
        if (this.ranging && this.anchor)
            around(this.$refs.rows, this.anchor, row).forEach(one => this.choose(one, event.target.checked));
        this.anchor = row.dataset.id;
    },

    clicked(event) {
        this.ranging = event.shiftKey;
        const opener = event.target.closest('.opener');
        if (opener) this.toggle(opener.closest('tr'));
    },

    // By keyboard

    key(event) {
        const row = event.target.closest('tr[data-id]');
        if (!row || event.target.matches('input:not([type=checkbox]), select, textarea')) return;
        const rows = shownRows(this.$refs.rows);
        const at = rows.indexOf(row);
        const onRow = event.target === row;
        const does = {
            ArrowDown: () => this.go(row, rows[at + 1], event.shiftKey),
            ArrowUp: () => this.go(row, rows[at - 1], event.shiftKey),
            Home: () => this.go(row, rows[0], event.shiftKey),
            End: () => this.go(row, rows.at(-1), event.shiftKey),
            ArrowRight: () => this.toggle(row, true),
            ArrowLeft: () => this.close(row),
            ...(onRow
                ? {
                      ' ': () => {
                          this.choose(row, !this.chosen.includes(row.dataset.id));
                          this.anchor = row.dataset.id;
                      },
                      Enter: () => row.querySelector('.what a').click(),
                  }
                : {}),
        }[event.key];
        if (!does) return;
        event.preventDefault();
        does();
    },

    go(from, to, extends_) {
        if (!to) return;
        if (extends_) {
            this.anchor ??= from.dataset.id;
            around(this.$refs.rows, this.anchor, to).forEach((row) => this.choose(row, true));
        } else {
            this.anchor = null;
        }
        from.tabIndex = -1;
        to.tabIndex = 0;
        to.focus();
    },

    // Sorted, filtered, opened

    order(by) {
        return this.by === by ? (this.down ? 'descending' : 'ascending') : 'none';
    },

    sort(by) {
        this.down = this.by === by && !this.down;
        this.by = by;
        this.arrange();
    },

    arrange() {
        this.none =
            arranged(this.$refs.rows, {
                by: this.by,
                down: this.down,
                show: this.show,
                words: this.words.toLowerCase(),
            }) === 0 && this.ids.length > 0;
    },

    async toggle(row, open = row.nextElementSibling?.dataset.of !== row.dataset.id) {
        if (!open) return this.close(row);
        if (row.nextElementSibling?.dataset.of === row.dataset.id) return;
        const opened = document.createElement('tr');
        opened.className = 'opened-row';
        opened.dataset.of = row.dataset.id;
        opened.innerHTML = '<td colspan="10"><div><p class="quiet">Reading…</p></div></td>';
        row.after(opened);
        row.querySelector('.opener').ariaExpanded = 'true';
        await this.fill(opened, row);
    },

    close(row) {
        if (row.nextElementSibling?.dataset.of === row.dataset.id) row.nextElementSibling.remove();
        row.querySelector('.opener').ariaExpanded = 'false';
    },

    renewOpened() {
        this.$refs.rows
            .querySelectorAll('tr.opened-row')
            .forEach(opened => this.fill(opened, opened.previousElementSibling));
    },

    async fill(opened, row) {
        const asked = (opened.asked = (opened.asked ?? 0) + 1);
        const answer = await fetch(row.dataset.open);
        const html = answer.ok
            ? await answer.text()
            : '<p class="flag">It cannot be read. Reload the page.</p>';
        await released(opened);
        // Of two that are under way only the later one counts.
        if (asked === opened.asked) renew(opened.querySelector('div'), html);
    },
});
