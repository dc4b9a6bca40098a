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
        [this.lengthProblem, this.lengthReady] = ['', false];
        try {
            const answer = await ask(url, {
                method: 'POST', json: { act: this.way, value: this.goal.trim(), shorts: this.lengthShorts() },
            });
            [this.lengthPlan, this.lengthReady] = [answer.html, answer.ready];
        } catch (problem) {
            [this.lengthProblem, this.lengthPlan] = [problem.message, ''];
        }
    },

    async bringLength() {
        Modal.getOrCreateInstance('#bring-length').hide();
        document.activeElement?.blur();
        await this.act(this.way, this.goal.trim());
    },
});
