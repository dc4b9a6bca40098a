import Modal from 'bootstrap/js/dist/modal';
import ask from './ask';

/**
 * Bringing shorts to a length: asks what it would take, shows it, and does it. The page says which shorts are meant
 * (lengthShorts) and how an act is sent (act).
 */
export const bringing = (url) => ({
    way: 'tighten',
    goal: '58.0',
    lengthPlan: '',
    lengthProblem: '',
    lengthReady: false,

    openLength(way = this.way, goal = this.goal) {
        [this.way, this.goal] = [way, String(goal)];
        Modal.getOrCreateInstance('#bring-length').show();
        return this.tryLength();
    },

    async tryLength() {
        // Of two that are under way only the later one counts, whichever is answered first.
        const turn = (this.lengthTurn_ ?? 0) + 1;
        this.lengthTurn_ = turn;
        [this.lengthProblem, this.lengthReady] = ['', false];
        try {
            const answer = await ask(url, {
                method: 'POST', json: { act: this.way, value: this.goal.trim(), shorts: this.lengthShorts() },
            });
            if (turn !== this.lengthTurn_) return;
            [this.lengthPlan, this.lengthReady] = [answer.html, answer.ready];
        } catch (problem) {
            if (turn !== this.lengthTurn_) return;
            [this.lengthProblem, this.lengthPlan] = [problem.message, ''];
        }
    },

    async bringLength() {
        Modal.getOrCreateInstance('#bring-length').hide();
        document.activeElement?.blur();
        await this.act(this.way, this.goal.trim());
    },
});
