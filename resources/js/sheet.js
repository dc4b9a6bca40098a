import ask, { shows } from './ask';
import { page, renew } from './page';
import { picking } from './picking';

/** One short: scenes that can be reworded and rearranged, and shots whose footage can be swapped. */
export default (urls, now) => ({
    ...page(urls, now),
    ...picking(),
    dirty: {},

    begin() {
        shows(now.revision);
        window.addEventListener('beforeunload', event => {
            if (Object.keys(this.dirty).length) event.preventDefault();
        });
    },

    fresh(answer, { all = false, at = null }) {
        // Words being typed are never replaced under the hand.
        const isIn = this.$refs.scenes.contains(document.activeElement);
        const isTyping = Object.keys(this.dirty).length || (!all && at === null && isIn);
        if (!isTyping) {
            if (isIn) document.activeElement.blur();
            renew(this.$refs.scenes, answer.scenes);
            this.$refs.scenes.querySelectorAll('textarea').forEach((area) => this.grow(area));
            shows(answer.revision);
        }
        if (!this.$refs.panel.querySelector('input')?.value) renew(this.$refs.panel, answer.panel);
        for (const part of ['export', 'history']) renew(this.$refs[part], answer[part]);
        this.$refs.lead.textContent = answer.lead;
        if (answer.video !== this.video) {
            this.video = answer.video;
            if (!this.$refs.player) location.reload();
            else this.$refs.player.src = this.$refs.player.dataset.from.replace('0/mp4', `${answer.video}/mp4`);
        }
        if (at !== null) this.$refs.scenes.querySelectorAll('textarea')[at]?.focus();
    },

    // The words

    words_(element) {
        return element.closest('.scene-said').querySelector('textarea');
    },

    typed(area) {
        if (area.value.trim() === area.defaultValue.trim()) delete this.dirty[area.dataset.url];
        else this.dirty[area.dataset.url] = true;
        this.grow(area);
    },

    grow(area) {
        area.style.height = 'auto';
        area.style.height = `${area.scrollHeight + 2}px`;
    },

    keyed(event) {
        const area = event.target;
        const does = event.altKey
            ? { Enter: 'split', j: 'join', J: 'join', ArrowUp: 'up', ArrowDown: 'down' }[event.key]
            : { Escape: 'revert', ...(event.ctrlKey || event.metaKey ? { Enter: 'save' } : {}) }[event.key];
        if (!does) return;
        event.preventDefault();
        if (does === 'save') this.save(area);
        else if (does === 'revert') this.revert(area);
        else this.change(area, does);
    },

    async save(area, { andLook = true } = {}) {
        if (!this.dirty[area.dataset.url]) return true;
        try {
            const answer = await ask(area.dataset.url, { method: 'PUT', json: { text: area.value } });
            area.value = area.defaultValue = answer.text;
            delete this.dirty[area.dataset.url];
            if (andLook) {
                area.blur();
                [this.problem, this.said] = ['', ''];
                await this.look();
            }
            return true;
        } catch (problem) {
            this.problem = problem.message;
            return false;
        }
    },

    revert(area) {
        area.value = area.defaultValue;
        this.typed(area);
        area.blur();
    },

    /** Splits at the cursor, joins, moves or removes. What was typed is saved before. */
    async change(area, does) {
        const cut = area.value.slice(0, area.selectionStart).replace(/\s+/g, ' ').trimStart().length;
        const at = [...this.$refs.scenes.querySelectorAll('textarea')].indexOf(area);
        if (!await this.save(area, { andLook: false })) return;
        const to = at + ({ split: 1, up: -1, down: 1 }[does] ?? 0);
        await this.does(() => ask(area.dataset.url, { method: 'POST', json: { do: does, at: cut } }), { at: to });
    },

    // The pictures

    seek(seconds) {
        if (this.$refs.player) this.$refs.player.currentTime = seconds + 0.02;
    },

    /** A number chooses one of the best at the picture itself. */
    pickByKey(event) {
        if (/^[1-5]$/.test(event.key)) this.pickBest(event.target.closest('.shot').dataset.url, Number(event.key));
    },
});
