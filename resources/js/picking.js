import Modal from 'bootstrap/js/dist/modal';
import ask from './ask';
import { released } from './waiting';

/**
 * Choosing the picture of a shot: the five that fit best, or any other by its name and tags. The page does it (does);
 * a shot is known by the address of its picture.
 */
export const picking = () => ({
    shot: null,
    found: '',
    best: '',
    words: '',
    filtered: false,

    async pick(shot) {
        this.shot = shot;
        this.words = '';
        this.$refs.filters.reset();
        await Promise.all([this.search(), this.findBest()]);
        Modal.getOrCreateInstance('#picker').show();
    },

    async search() {
        const wanted = new FormData(this.$refs.filters);
        wanted.set('search', this.words);
        this.filtered = [...wanted].some(([name, value]) => name !== 'search' && value !== '');
        this.sought_ = (this.sought_ ?? 0) + 1;
        const own = this.sought_;
        const answer = await fetch(`${this.$refs.picker.dataset.url}?${new URLSearchParams(wanted)}`);
        const found = await answer.text();
        await released(this.$refs.picker);
        // Of two that are under way only the later one counts.
        if (own !== this.sought_) return;
        this.found = found;
        this.offer(found);
    },

    /** The collections that there are to choose from. */
    offer(found) {
        const select = this.$refs.filters.querySelector('[name=collection]');
        const page = new DOMParser().parseFromString(found, 'text/html');
        const all = JSON.parse(page.querySelector('[data-collections]')?.dataset.collections ?? '[]');
        const now = select.value;
        select.replaceChildren(select.options[0], ...all.map((one) => new Option(one, one)));
        select.value = all.includes(now) ? now : '';
    },

    async findBest() {
        const answer = await fetch(`${this.shot}/best`);
        this.best = answer.ok ? await answer.text() : '';
    },

    /** Chooses one of the best by its number. */
    async pickBest(shot, number) {
        this.shot = shot;
        await this.findBest();
        const all = new DOMParser().parseFromString(this.best, 'text/html').querySelectorAll('[data-footage]');
        if (all[number - 1]) return this.picked(all[number - 1]);
        this.said = 'No more pictures fit these words.';
    },

    bestKey(event) {
        if (event.target.matches('input') || !/^[1-5]$/.test(event.key)) return;
        this.picked(event.currentTarget.querySelectorAll('.modal-best [data-footage]')[Number(event.key) - 1]);
    },

    async pickedOf(event) {
        if (!event.target.closest('[data-free]')) return this.picked(event.target.closest('[data-footage]'));
        this.leavePicker();
        return this.does(() => ask(this.shot, { method: 'DELETE' }), { all: true });
    },

    async picked(button) {
        if (!button) return;
        const footage = Number(button.dataset.footage);
        this.leavePicker();
        await this.does(async () => {
            const shown = await ask(this.shot, { method: 'PUT', json: { footage } });
            return { said: `It shows “${shown.footage}” now.` };
        }, { all: true });
    },

    leavePicker() {
        Modal.getOrCreateInstance('#picker').hide();
        document.activeElement?.blur();
    },
});
