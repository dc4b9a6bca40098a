/** A sheet by mouse: what is clicked, and where scenes and the begins of shots are dragged to. */
export const dragging = (drawn) => {
    let drag = null;
    return {
        clicked(event) {
            const word = event.target.closest('.said-word');
            const gap = event.target.closest('.said-gap');
            const flag = event.target.closest('.said-flag');
            const effect = event.target.closest('.heard-effect');
            const shot = event.target.closest('.seen-shot');
            if (effect) this.effectClicked(effect);
            else if (gap) this.closeGap(Number(gap.dataset.gap));
            else if (word) this.goTo(Number(word.dataset.from));
            else if (flag) this.goTo(Number(flag.dataset.flag));
            else if (shot) this.choose(Number(shot.dataset.shot), { goes: true });
            else if (!event.target.closest('button, textarea, .field')) {
                this.goTo(this.under(event));
            }
        },

        grabbed(event) {
            if (this.pointGrabbed(event)) return;
            const kind = event.target.closest('[data-drags]')?.dataset.drags;
            if (!kind) return;
            event.preventDefault();
            const block = event.target.closest('.seen-shot, .said-scene');
            drag = { kind, block, number: Number(block.dataset.shot ?? block.dataset.scene), y: event.clientY };
            block.classList.add('is-dragged');
        },

        /** Where a pointer is, in ms of the short. */
        under(event) {
            return (1000 * (event.clientY - this.$refs.body.getBoundingClientRect().top)) / this.px;
        },

        /** The word of a shot's scene that is nearest to a moment, and the frames off it where it is free. */
        nearest(number, ms, free) {
            const shot = drawn().shots[number];
            const words = drawn().scenes[shot.scene].words;
            let best = 1;
            words.forEach(([, from], i) => {
                if (i > 0 && Math.abs(from - ms) < Math.abs(words[best][1] - ms)) best = i;
            });
            return { to: best, frames: free ? Math.round((ms - words[best][1]) / drawn().frame) : 0 };
        },

        dragged(event) {
            this.pointDragged(event);
            if (!drag) return;
            const guide = this.$refs.guide;
            guide.hidden = false;
            let ms = this.under(event);
            if (drag.kind === 'edge') {
                const { to, frames } = this.nearest(drag.number, ms, event.altKey);
                ms = drawn().scenes[drawn().shots[drag.number].scene].words[to][1] + frames * drawn().frame;
            } else ms = drawn().scenes[this.sceneAt(ms)].from;
            guide.style.transform = `translateY(${(ms * this.px) / 1000}px)`;
        },

        dropped(event) {
            this.pointDropped(event);
            if (!drag) return;
            const { kind, number, block, y } = drag;
            drag = null;
            this.$refs.guide.hidden = true;
            block.classList.remove('is-dragged');
            if (Math.abs(event.clientY - y) < 3) {
                if (kind === 'scene') this.edit(number);
                return;
            }
            const ms = this.under(event);
            if (kind === 'edge') {
                this.doesTo(drawn().shots[number].does, { do: 'move', ...this.nearest(number, ms, event.altKey) });
            } else this.doesTo(drawn().scenes[number].reword, { do: 'place', at: this.sceneAt(ms) });
        },
    };
};
