import ask from './ask';

/** Music and effects: heard, and music given a mood. */
export default () => ({
    playing: '',
    said: document.querySelector('.told')?.textContent ?? '',
    problem: '',

    async hear(url) {
        const { player } = this.$refs;
        if (this.playing === url) return player.pause();
        player.src = url;
        try {
            await player.play();
            this.playing = url;
        } catch {
            this.problem = 'It cannot be played here. Its file may be gone.';
        }
    },

    async set(url, mood) {
        [this.said, this.problem] = ['', ''];
        try {
            this.said = (await ask(url, { method: 'PUT', json: { mood } })).said;
        } catch (problem) {
            this.problem = problem.message;
        }
    },

    acted({ problem = '', answer = null }) {
        this.problem = problem;
        if (answer) location.reload();
    },
});
