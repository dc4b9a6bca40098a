import Alpine from 'alpinejs';
import ask, { isOvertaken } from './ask';
import { patience } from './waiting';

/** What a field shows stays its own once it was typed in, whatever its attributes say: it is told the fresh value. */
function tells(field, fresh) {
    if (['checkbox', 'radio'].includes(field.type)) field.checked = fresh.hasAttribute('checked');
    else if (field.matches('select')) field.value = fresh.querySelector('option[selected]')?.value ?? field.value;
    else if (field.type !== 'file') field.value = fresh.value;
}

/**
 * Puts fresh markup in place of what an element holds, only where it is another one: what is being typed, opened or
 * pressed stays as it is.
 */
export function renew(element, html) {
    if (!element || element.matches(':active')) return;
    const fresh = element.cloneNode(false);
    fresh.innerHTML = html;
    Alpine.morph(element, fresh.outerHTML, {
        key: (node) => node.id || node.dataset?.id,
        updating(from, to, childrenOnly, skip) {
            if (from.nodeType !== Node.ELEMENT_NODE) return;
            if (from === element) return childrenOnly();
            // What draws itself is drawn anew only under another name.
            if (from.matches('[data-draws]')) return skip();
            // What is being written, or was begun and is nowhere kept yet, is the operator's.
            const isBegun = from === document.activeElement || from.matches('[data-own]');
            if (isBegun && from.matches('input, textarea, select')) return skip();
            if (from.matches('input, textarea, select') && to.matches?.(from.localName)) tells(from, to);
            // What is shown or hidden, and how high a field has grown, is not the server's to say.
            if (from.matches('[x-show], textarea')) {
                to.removeAttribute('x-cloak');
                if (from.hasAttribute('style')) to.setAttribute('style', from.getAttribute('style'));
            }
            if (from.matches('details') && 'foundOpen' in from.dataset) to.dataset.foundOpen = '';
            if (from.matches('details') && from.open !== to.hasAttribute('open')) to.toggleAttribute('open', from.open);
        },
    });
    document.dispatchEvent(new Event('renewed'));
}

/** What pages of things that workers have in hand share: a fresh look now and then, what was done, undo and redo. */
export const page = ({ state = '', undo: undoUrl = '', redo: redoUrl = '' } = {}, now = {}) => ({
    working: false,
    undo: null,
    redo: null,
    said: '',
    problem: '',
    ...now,

    init() {
        this.begin?.();
        this.waits();
        if (this.working) this.again(700);
    },

    /** Asks how things stand and hands it to the page's own fresh(). */
    look(how = {}) {
        this.looks_ = (this.looks_ ?? 0) + 1;
        if (how.all || !this.working) this.waits();
        // What a look is for outlives it where another overtakes it.
        this.how_ = { ...this.how_, ...how };
        this.looking_ = this.see(this.looks_);
        return this.looking_;
    },

    async see(number) {
        try {
            const answer = await ask(`${state}${this.since?.() ?? ''}`);
            // Of two that are under way only the later one counts, whichever is answered first.
            if (number !== this.looks_) return void await this.looking_;
            if (isOvertaken(answer.revision)) {
                this.again(150);
                return;
            }
            [this.working, this.undo, this.redo] = [answer.working, answer.undo, answer.redo];
            const how = this.how_;
            this.how_ = {};
            this.fresh(answer, how);
            if (how.all) document.dispatchEvent(new Event('looked'));
        } catch {
            this.working = true;
        }
        if (this.working) this.again(patience(this.waitsFrom_, this.everyMs));
    },

    /** Something is waited for from now on. */
    waits() {
        this.waitsFrom_ = Date.now();
    },

    again(ms) {
        clearTimeout(this.next_);
        this.next_ = setTimeout(() => this.look(), ms);
    },

    /** Does something and looks what came of it; a refusal is told in the server's words. */
    async does(asking, how = {}) {
        // One after the other, however fast the keys are: the next is told of the state that this one leaves.
        const before = this.turn_;
        let over;
        this.turn_ = new Promise((done) => { over = done; });
        await before;
        [this.problem, this.said] = ['', ''];
        try {
            const { said } = await Promise.resolve().then(asking).finally(over);
            this.waits();
            await this.look(how);
            this.said = said ?? '';
            return true;
        } catch (problem) {
            this.problem = problem.message;
            return false;
        }
    },

    takeBack() {
        return this.does(() => ask(undoUrl, { method: 'POST', json: {} }), { all: true });
    },

    doAgain() {
        return this.does(() => ask(redoUrl, { method: 'POST', json: {} }), { all: true });
    },

    /** Something on the page was done by a button or a field of its own. */
    acted({ problem = '', answer = null }) {
        [this.problem, this.said] = [problem, answer?.said ?? ''];
        if (!answer) return;
        if (state) this.look({ all: true });
        else location.reload();
    },
});
