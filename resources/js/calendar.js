import ask from './ask';
import { page, renew } from './page';

const QUARTER = 15;
const pad = (number) => String(number).padStart(2, '0');
const time = (minute) => `${pad(Math.floor(minute / 60))}:${pad(minute % 60)}`;
const addDays = (day, days) => {
    const date = new Date(`${day}T12:00:00Z`);
    date.setUTCDate(date.getUTCDate() + days);
    return date.toISOString().slice(0, 10);
};

/** Days down, hours across: what leaves when. A slip is moved by dragging it, or by the arrows. */
export default (urls, now) => ({
    ...page(urls, now),

    fresh(answer) {
        // What is being moved is not taken out of the hand.
        if (this.held_) return;
        renew(this.$refs.days, answer.days);
        this.$refs.lead.textContent = answer.lead;
        if (this.focus_) this.$refs.days.querySelector(`#slip-${this.focus_}`)?.focus();
        this.focus_ = null;
    },

    move(slip, day, minute) {
        this.focus_ = slip.dataset.id;
        return this.does(() => ask(urls.post.replace('/0', `/${slip.dataset.id}`), {
            method: 'POST', json: { do: 'move', at: `${day} ${time(Math.max(0, Math.min(1439, minute)))}` },
        }));
    },

    keyed(event) {
        const slip = event.target.closest('.slip[data-moves]');
        if (!slip) return;
        const { day } = slip.dataset;
        const minute = Number(slip.dataset.minute);
        const step = event.shiftKey ? 60 : QUARTER;
        const to = {
            ArrowUp: [addDays(day, -1), minute], ArrowDown: [addDays(day, 1), minute],
            ArrowLeft: [day, minute - step], ArrowRight: [day, minute + step],
        }[event.key];
        if (to) {
            event.preventDefault();
            this.move(slip, ...to);
        } else if (event.key === 'Delete') {
            event.preventDefault();
            this.does(() => ask(urls.post.replace('/0', `/${slip.dataset.id}`), {
                method: 'POST', json: { do: 'unplan' },
            }));
        }
    },

    grab(event) {
        const slip = event.target.closest('.slip[data-moves]');
        if (!slip || event.button !== 0) return;
        const box = slip.getBoundingClientRect();
        this.held_ = { slip, x: event.clientX, y: event.clientY, by: event.clientX - box.left };
    },

    drag(event) {
        if (!this.held_) return;
        const { slip, x, y } = this.held_;
        this.held_.moved ||= Math.hypot(event.clientX - x, event.clientY - y) > 4;
        if (!this.held_.moved) return;
        event.preventDefault();
        slip.style.transform = `translate(${event.clientX - x}px, ${event.clientY - y}px)`;
        slip.classList.add('is-held');
        const to = this.under(event);
        slip.querySelector('.slip-at').textContent = to ? time(to.minute) : '–';
    },

    async drop(event) {
        const held = this.held_;
        this.held_ = null;
        if (!held?.moved) return;
        // What was dragged is not followed as a link.
        held.slip.addEventListener('click', (click) => click.preventDefault(), { once: true, capture: true });
        const to = this.under(event, held);
        held.slip.classList.remove('is-held');
        if (to) await this.move(held.slip, to.day, to.minute);
        held.slip.style.transform = '';
        if (!to) this.look();
    },

    under(event, held = this.held_) {
        const track = document.elementsFromPoint(event.clientX, event.clientY).find((one) => one.matches('.day-track'));
        if (!track) return null;
        const box = track.getBoundingClientRect();
        const minute = (1440 * (event.clientX - held.by - box.left)) / box.width;
        return { day: track.dataset.day, minute: Math.max(0, Math.min(1425, QUARTER * Math.round(minute / QUARTER))) };
    },
});
