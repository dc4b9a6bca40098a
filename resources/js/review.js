import ask from './ask';
import { page, renew } from './page';
import { staged } from './stage';

/** How many of what was watched are kept at hand. */
const KEPT = 6;

/** Shorts looked at one after the other: while one plays, the next is loaded. */
export default (urls, now) => {
    // By id: what was asked for, and what plays.
    const asked = new Map();
    const loaded = new Map();
    const of = (url, id) => url.replace('/shorts/0/', `/shorts/${id}/`);
    const keep = (map, key, make) => {
        if (!map.has(key)) {
            map.set(key, make().catch((problem) => { map.delete(key); throw problem; }));
            if (map.size > KEPT) map.delete(map.keys().next().value);
        }
        return map.get(key);
    };
    return {
        ...page(urls, now),
        ...staged(),
        id: null,
        proof: null,
        seen: '',
        seconds: 0,
        mends: 0,
        clearable: false,
        isFile: false,
        busy: false,
        writing: false,
        inviting: false,
        address: '',
        note: '',
        none: 'Loading…',

        begin() {
            this.$watch('silent', () => this.mutes());
            if (now.first) this.open(now.first);
        },

        fresh(answer) {
            renew(this.$refs.rows, answer.rows);
            this.$refs.lead.textContent = answer.lead;
            if (answer.guests !== undefined) renew(this.$refs.guests, answer.guests);
            this.mark();
            asked.clear();
            if (this.id) this.open(this.id, true);
        },

        rows() {
            return [...this.$refs.rows.querySelectorAll('.review-row')];
        },

        mark() {
            for (const row of this.rows() ?? []) {
                row.toggleAttribute('aria-current', Number(row.dataset.id) === this.id);
            }
        },

        ask(id) {
            return keep(asked, id, () => ask(of(urls.short, id)));
        },

        /** What plays is fetched once, whole. */
        bytes(url) {
            return keep(loaded, url, async () => {
                const answer = await fetch(url);
                if (!answer.ok) throw new Error('It cannot be played as it stands on the disk. Export it again.');
                return answer.blob();
            });
        },

        async open(id, again = false) {
            const isOther = this.id !== id;
            this.id = id;
            this.mark();
            let short;
            try {
                short = await this.ask(id);
            } catch (problem) {
                this.problem = problem.message;
                return;
            }
            if (this.id !== id) return;
            renew(this.$refs.short, short.html);
            Object.assign(this, { seen: short.seen, seconds: short.seconds, mends: short.mends });
            this.clearable = this.$refs.short.querySelector('.review-of').dataset.clearable === 'yes';
            const plays = short.file ?? short.proof;
            const was = this.proof;
            this.isFile = Boolean(short.file);
            this.none = plays ? '' : 'It is being made. It plays when it is there.';
            if (isOther && !again) {
                this.at = 0;
                history.replaceState(null, '', `?short=${id}`);
                this.rows().find(row => Number(row.dataset.id) === id)
                    ?.scrollIntoView({ block: 'nearest', inline: 'center' });
            }
            if (isOther || was !== plays) {
                await this.load(plays).catch((problem) => { this.problem = problem.message; });
                if (!short.file) await this.stage(short.script, short.faces);
            } else if (!short.file && short.script !== this.script) await this.stage(short.script, short.faces);
            if (!plays && urls.proof) this.order(id);
            this.prepare();
        },

        /** The one after it, so that nobody waits for it. */
        async prepare() {
            const after = this.rows()[this.place() + 1];
            if (!after) return;
            const short = await this.ask(Number(after.dataset.id)).catch(() => null);
            const plays = short?.file ?? short?.proof;
            if (plays) await this.bytes(plays).catch(() => null);
            this.$refs.rows.dataset.ready = after.dataset.id;
        },

        async order(id) {
            await ask(of(urls.proof, id), { method: 'POST', json: {}, quiet: true }).catch(() => null);
            this.working = true;
            this.again(900);
        },

        place() {
            return this.rows().findIndex(row => Number(row.dataset.id) === this.id);
        },

        next(by) {
            const rows = this.rows();
            const to = rows[Math.min(rows.length - 1, Math.max(0, this.place() + by))];
            if (to && Number(to.dataset.id) !== this.id) this.open(Number(to.dataset.id));
        },

        picked(event) {
            const row = event.target.closest('.review-row');
            if (!row || event.metaKey || event.ctrlKey) return;
            event.preventDefault();
            this.open(Number(row.dataset.id));
        },

        async doing(what) {
            this.busy = true;
            const isDone = await this.does(what);
            this.busy = false;
            return isDone;
        },

        decide(json) {
            const id = this.id;
            return this.doing(() => ask(of(urls.decide, id), { method: 'POST', json, quiet: true }));
        },

        async clear() {
            if (await this.decide({ do: 'clear', seen: this.seen })) this.next(1);
        },

        askBack() {
            if (this.playing) this.play();
            this.writing = true;
            this.$nextTick(() => this.$refs.note.focus());
        },

        async sendBack() {
            const isSent = await this.decide({ do: 'back', note: this.note, ms: Math.round(this.at * 1000) });
            if (!isSent) return;
            [this.writing, this.note] = [false, ''];
            this.next(1);
        },

        mendHere() {
            const id = this.id;
            return this.doing(() => ask(urls.mend, { method: 'POST', json: { shorts: [id] }, quiet: true }));
        },

        mendAll() {
            return this.doing(() => ask(urls.mend, { method: 'POST', json: {}, quiet: true }));
        },

        async invite(form) {
            await this.doing(async () => {
                const json = Object.fromEntries(new FormData(form));
                const answer = await ask(urls.guests, { method: 'POST', json, quiet: true });
                this.address = answer.address;
                form.reset();
                return answer;
            });
        },

        withdraw(url) {
            return this.doing(() => ask(url, { method: 'DELETE', json: {}, quiet: true }));
        },

        async pressed(event) {
            const seek = event.target.closest('[data-seek]');
            if (seek) this.seek(Number(seek.dataset.seek) / 1000);
            const button = event.target.closest('[data-verb]');
            if (!button) return;
            event.preventDefault();
            const item = button.closest('[data-finding]');
            const finding = item.dataset.finding;
            if (button.dataset.verb === 'ignore') {
                item.querySelector('[data-ignore]').hidden = false;
                item.querySelector('[name=note]').focus();
            } else if (button.dataset.verb === 'preview') {
                const says = item.querySelector('[data-says]');
                const answer = await ask(`${of(urls.preview, this.id)}?finding=${encodeURIComponent(finding)}`)
                    .catch(problem => ({ says: problem.message }));
                [says.textContent, says.hidden] = [answer.says, false];
            } else {
                const note = item.querySelector('[name=note]')?.value ?? '';
                this.decide({ do: button.dataset.verb, finding, note });
            }
        },

        keyed(event) {
            const typing = event.target.closest?.('input:not([type=checkbox]):not([type=range]), textarea, select');
            if (typing || event.ctrlKey || event.metaKey || event.altKey) return;
            const does = {
                ' ': () => this.play(), s: () => { this.silent = !this.silent; },
                j: () => this.next(1), k: () => this.next(-1),
            }[event.key.toLowerCase()];
            if (!does || (event.key === ' ' && event.target.closest('button, a, summary'))) return;
            event.preventDefault();
            does();
        },
    };
};
