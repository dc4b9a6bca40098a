import ask from './ask';

/** A setting at one place. The page around it hears "acted" with what came of a change. */
export default (place) => ({
    hovering_: null,

    set(value) {
        return this.send({ value });
    },

    inherit() {
        return this.send({ inherit: true });
    },

    here() {
        return this.send({ value: this.value() });
    },

    whole(level) {
        return this.send({ value: this.value(), whole: level });
    },

    /** The mark opens under a mouse that stays on it, and at a press of anything else. */
    hovers(event, isOver) {
        const mark = event.currentTarget;
        clearTimeout(this.hovering_);
        if (event.pointerType !== 'mouse' || mark.contains(document.activeElement)) return;
        this.hovering_ = setTimeout(() => { mark.open = isOver; }, isOver ? 250 : 120);
    },

    value() {
        return (this.$root.querySelector('[data-rule]') ?? this.$root.querySelector('select, input')).value;
    },

    /** The same by a button that stands alone. */
    change(what) {
        return this.send(what);
    },

    async send(what) {
        this.$root.querySelector('.scope-from')?.removeAttribute('open');
        let detail;
        try {
            detail = { answer: await ask('/settings', { method: 'PUT', json: { ...place, ...what } }) };
        } catch (problem) {
            detail = { problem: problem.message };
        }
        this.$dispatch('acted', detail);
    },
});
