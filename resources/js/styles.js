import ask from './ask';
import renderer from './renderer';

const WIDTH = 432;
const HEIGHT = 768;

/** Moments of a sample: one at which its words are shown, and one long after it. */
const SAMPLE = 1.1;
const BLANK = 3600;

/** Caption styles, each drawn by the renderer that burns it on three pictures of a short. */
export default ({ channel, short }) => ({
    said: '',
    problem: '',

    async init() {
        try {
            await this.draw();
        } catch (problem) {
            this.problem = problem.message;
        }
    },

    async draw() {
        const source = this.$refs.drawn;
        let words = null;
        for (const row of this.$root.querySelectorAll('.style-row')) {
            const faces = JSON.parse(row.dataset.faces);
            if (words === null) words = await renderer(source, row.dataset.script, faces);
            else await words.show(row.dataset.script, faces);
            const own = row.querySelectorAll('canvas');
            // A worker draws when it gets to it: what it has drawn is told from what it drew before by a blank between.
            await words.draw(BLANK, WIDTH, HEIGHT);
            await this.until(source, own[0], false);
            await words.draw(SAMPLE, WIDTH, HEIGHT);
            await this.until(source, own[0], true);
            for (const canvas of own) canvas.getContext('2d').drawImage(source, 0, 0);
            row.dataset.drawn = 'yes';
        }
    },

    /** Waits until something is to be seen, or nothing. */
    async until(source, probe, isSeen) {
        const picture = probe.getContext('2d', { willReadFrequently: true });
        for (let frame = 0; frame < 120; frame++) {
            picture.clearRect(0, 0, WIDTH, HEIGHT);
            picture.drawImage(source, 0, 0);
            const { data } = picture.getImageData(0, HEIGHT * 0.4, WIDTH, HEIGHT * 0.4);
            let seen = false;
            for (let at = 3; at < data.length && !seen; at += 28) seen = data[at] > 0;
            if (seen === isSeen) break;
            await new Promise((done) => { requestAnimationFrame(done); });
        }
        picture.clearRect(0, 0, WIDTH, HEIGHT);
    },

    use(style, level) {
        const ids = [level === 'short' ? short : channel];
        return this.does(() => ask('/settings', {
            method: 'PUT', json: { channel, level, ids, key: 'caption_style', value: style },
        }));
    },

    drop(url) {
        return this.does(() => ask(url, { method: 'DELETE', json: {} }));
    },

    async does(asking) {
        try {
            this.said = (await asking()).said;
            location.reload();
        } catch (problem) {
            this.problem = problem.message;
        }
    },
});
