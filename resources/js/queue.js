import ask from './ask';
import { page, renew } from './page';

/** The exports of a batch as a queue. The title of the page says how far it is, where nobody looks at it too. */
export default (urls, now) => ({
    ...page(urls, now),
    held: now.held,
    open: now.open,
    room: now.room,
    over: '',

    begin() {
        this.entitle(now.title);
    },

    entitle(title) {
        document.title = `${title} · ${now.batch} · Rapid Reel`;
    },

    fresh(answer) {
        const wasOpen = this.open;
        Object.assign(this, { held: answer.held, open: answer.open, room: answer.room });
        renew(this.$refs.rows, answer.rows);
        this.$refs.lead.textContent = answer.lead;
        this.entitle(answer.title);
        if (wasOpen && !answer.open) this.over = `${answer.title}: all that was ordered is over.`;
        else if (answer.open) this.over = '';
    },

    act(what) {
        return this.does(() => ask(urls.act, { method: 'POST', json: { do: what } }));
    },

    pressed(event) {
        const button = event.target.closest('[data-verb]');
        if (!button) return;
        const { id } = button.closest('tr').dataset;
        this.does(() => ask(urls.one.replace('/0/', `/${id}/`), { method: 'POST', json: { do: button.dataset.verb } }));
    },
});
