import ask from './ask';
import { until } from './waiting';

/** The list of voices: filtered, and heard with a sentence that is typed. */
export default (url) => ({
    text: '',
    speed: 100,
    language: '',
    accent: '',
    register: '',
    problem: '',

    shows(language, accent, register) {
        const asked = [[this.language, language], [this.accent, accent], [this.register, register]];
        return asked.every(([wanted, is]) => !wanted || wanted === is);
    },

    acted({ problem = '', answer = null }) {
        this.problem = problem;
        if (answer) location.reload();
    },

    async hear(voice, sample, sentence) {
        this.problem = '';
        try {
            let from = sample;
            if (!sample || this.text.trim() || Number(this.speed) !== 100) {
                const text = this.text.trim() || sentence;
                ({ url: from } = await ask(url, { method: 'POST', json: { voice, text, speed: this.speed } }));
                await this.ready(from);
            }
            this.$refs.player.src = from;
            await this.$refs.player.play();
        } catch (problem) {
            this.problem = problem.message;
        }
    },

    /** A worker speaks it; that takes a moment. */
    async ready(from) {
        const isThere = await until(async () => (await fetch(from)).ok, { everyMs: 250, forMs: 10_000 });
        if (!isThere) throw new Error('The voice has not answered. Are the workers running?');
    },
});
