import Modal from 'bootstrap/js/dist/modal';
import ask, { shows } from './ask';
import looking from './looking';
import { page, renew } from './page';
import { FRAME, staged } from './stage';

/** The captions of a short: a list of them in time, and a stage on which they are drawn as they will be burned. */
export default (urls, now) => {
    return {
        ...page(urls, now),
        ...staged(),
        chosen: null,
        word: null,
        file: null,
        asks: '',

        begin() {
            shows(now.revision);
            this.$refs.rows.setAttribute('tabindex', '-1');
            this.load(now.proof);
            this.stage(now.script, now.faces);
            this.$watch('silent', () => this.mutes());
            const at = location.hash.match(/^#at-(\d{1,7})$/);
            if (at) this.seek(Number(at[1]) / 1000);
            looking(() => urls.proof);
        },

        async order() {
            try {
                await ask(urls.proof, { method: 'POST', json: {}, quiet: true });
                this.working = true;
                this.again(700);
            } catch (problem) {
                this.problem = problem.message;
            }
        },

        fresh(answer) {
            shows(answer.revision);
            const isTyping = this.$refs.rows.querySelector('.cue-text:focus, [data-emoji-field]:focus');
            if (!isTyping) renew(this.$refs.rows, answer.rows);
            for (const part of ['settings', 'clear', 'history']) renew(this.$refs[part], answer[part]);
            this.$refs.lead.textContent = answer.lead;
            if (answer.proof !== this.proof) this.load(answer.proof);
            if (answer.script !== this.script) this.stage(answer.script, answer.faces);
            this.mark();
            // Another plan has other pictures, or captions that are to be measured anew.
            if (this.working && answer.plan && this.ordered !== answer.plan) {
                this.ordered = answer.plan;
                this.order();
            }
        },

        // The list

        cues() {
            return [...this.$refs.rows.querySelectorAll('.cue')];
        },

        data(row) {
            return JSON.parse(row.dataset.cue);
        },

        /** Shows which caption is on screen, and keeps what was chosen chosen. */
        mark() {
            for (const row of this.cues()) {
                const { start, end } = this.data(row);
                const isOn = this.at + FRAME / 2 >= start && this.at + FRAME / 2 < end;
                row.classList.toggle('is-on', isOn);
                row.classList.toggle('is-chosen', row.id === this.chosen);
                if (isOn && this.playing) row.scrollIntoView({ block: 'nearest' });
                row.querySelectorAll('.cue-word').forEach((word) => {
                    const isIt = row.id === this.chosen && word.dataset.at === String(this.word);
                    word.setAttribute('aria-pressed', isIt);
                });
            }
        },

        choose(row, { andGo = true } = {}) {
            if (!row) return;
            if (row.id !== this.chosen) this.word = null;
            this.chosen = row.id;
            if (andGo) this.seek(this.data(row).start);
            this.mark();
            row.scrollIntoView({ block: 'nearest' });
        },

        row() {
            return this.chosen ? document.getElementById(this.chosen) : null;
        },

        clicked(event) {
            const button = event.target.closest('[data-does]');
            const row = event.target.closest('.cue');
            if (!row) return;
            if (event.target.matches('.cue-text, [data-emoji-field]')) {
                this.choose(row, { andGo: false });
                return;
            }
            if (!button) {
                this.choose(row);
                return;
            }
            if (button.dataset.does === 'word') {
                const isSame = this.chosen === row.id;
                this.choose(row, { andGo: !isSame });
                this.word = Number(button.dataset.at);
                this.mark();
            } else {
                this.choose(row, { andGo: button.dataset.does === 'go' });
                if (button.dataset.does !== 'go') this.act(button.dataset.does);
            }
        },

        act(what) {
            const row = this.row();
            if (!row) return;
            const { word } = this.data(row);
            const button = row.querySelector(`.cue-word[data-at="${this.word}"]`);
            const own = button?.dataset.word === undefined || button.dataset.word === '' ? null
                : Number(button.dataset.word);
            const needs = { split: 'Choose the word before which it is split.',
                break: 'Choose the word after which the line is broken.',
                stress: 'Choose the word that is to stand out.', emoji: 'Choose the word that an emoji is to follow.',
                'no-emoji': 'Choose the word that has the emoji.' };
            if (needs[what] && !button) {
                this.problem = needs[what];
                return;
            }
            if (['split', 'stress', 'emoji', 'no-emoji'].includes(what) && own === null) {
                this.problem = 'This caption shows other words than are said. Put it back first.';
                return;
            }
            const nudges = { 'from-less': [-1, 0], 'from-more': [1, 0], 'until-less': [0, -1], 'until-more': [0, 1] };
            if (nudges[what]) this.send({ do: 'nudge', word, from: nudges[what][0], until: nudges[what][1] });
            else if (what === 'split') this.send({ do: 'split', word, at: own });
            else if (what === 'break') this.send({ do: 'break', word, at: this.word + 1 });
            else if (what === 'stress') {
                this.send({ do: 'stress', word: own, on: !button.classList.contains('stands') });
            } else if (what === 'emoji' || what === 'no-emoji') {
                const field = row.querySelector('[data-emoji-field]');
                this.send({ do: 'emoji', word: own, text: what === 'emoji' ? field.value : '' });
                field.value = '';
            } else this.send({ do: what, word });
        },

        send(what) {
            const row = this.row();
            const { scene } = this.data(row);
            return this.does(() => ask(`/scenes/${scene}/captions`, { method: 'POST', json: what }));
        },

        reword(field) {
            const row = field.closest('.cue');
            if (field.value.trim() === field.defaultValue.trim()) return;
            this.chosen = row.id;
            const { word } = this.data(row);
            field.blur();
            this.send({ do: 'reword', word, text: field.value });
        },

        keyed(event) {
            if (document.querySelector('.modal.show') || event.ctrlKey || event.metaKey || event.altKey) return;
            if (event.target.matches?.('[data-emoji-field]')) {
                if (event.key === 'Enter') this.act('emoji');
                return;
            }
            if (event.target.matches?.('.cue-text')) {
                if (event.key === 'Enter') this.reword(event.target);
                if (event.key === 'Escape') {
                    event.target.value = event.target.defaultValue;
                    event.target.blur();
                }
                return;
            }
            if (event.target.closest?.('input:not([type=checkbox]), select, textarea')) return;
            const rows = this.cues();
            const at = rows.findIndex((row) => row.id === this.chosen);
            const count = this.row()?.querySelectorAll('.cue-word').length ?? 0;
            const does = {
                ArrowDown: () => this.choose(rows[Math.min(rows.length - 1, at + 1)]),
                ArrowUp: () => this.choose(rows[Math.max(0, at - 1)]),
                ArrowRight: () => { this.word = Math.min(count - 1, (this.word ?? -1) + 1); this.mark(); },
                ArrowLeft: () => { this.word = Math.max(0, (this.word ?? 1) - 1); this.mark(); },
                ' ': () => this.play(),
                j: () => this.act('join'),
                x: () => this.act('split'),
                e: () => this.act('stress'),
                l: () => this.act('break'),
                a: () => this.act('free'),
                ',': () => this.act('from-less'),
                '.': () => this.act('from-more'),
                ';': () => this.act('until-less'),
                ':': () => this.act('until-more'),
                Enter: () => this.row()?.querySelector('.cue-text').focus(),
            }[event.key.length === 1 ? event.key.toLowerCase() : event.key];
            if (!does || (event.key === 'Enter' && event.target.closest?.('button, a, summary'))) return;
            if (event.key === ' ' && event.target.closest?.('button, a, summary')) return;
            event.preventDefault();
            does();
        },

        // All of them

        mend(kind) {
            return this.does(() => ask(urls.mend, { method: 'POST', json: { kind } }));
        },

        bring(input) {
            this.file = input.files[0];
            input.value = '';
            this.asks = '';
            if (this.file) Modal.getOrCreateInstance('#bring-how').show();
        },

        /** @param {{ times?: boolean, sure?: boolean }} how where only some fit what is said, it is asked again */
        async brought({ times = false, sure = false }) {
            const dialog = Modal.getOrCreateInstance('#bring-how');
            dialog.hide();
            const form = new FormData();
            form.append('file', this.file);
            form.append('times', times ? '1' : '0');
            form.append('sure', sure ? '1' : '0');
            await this.does(async () => {
                const answer = await ask(urls.import, { method: 'POST', form });
                this.asks = answer.asks ?? '';
                return answer;
            });
            if (this.asks) dialog.show();
        },

        async keepStyle(field) {
            if (await this.does(() => ask(urls.style, { method: 'POST', json: { name: field.value } }))) {
                field.value = '';
            }
        },
    };
};
