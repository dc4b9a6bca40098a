import ask from './ask';
import houseLogo from './house-logo';
import looking from './looking';
import { page, renew } from './page';
import renderer from './renderer';

/** The house style: its settings, and a short on which they are seen at three moments. */
export default (urls, now) => {
    const own = page(urls);
    // They talk to workers: not to be watched.
    const words = [null, null, null];
    return {
        ...own,
        ...houseLogo(),
        ...now,
        large: 0,
        everyMs: 400,

        begin() {
            this.show();
            looking(() => this.preview?.order);
            if (this.working) this.order();
        },

        /** Between changes only the short is looked at. */
        since() {
            return this.how_.all ? '' : '?preview=1';
        },

        fresh(answer) {
            // A house style that was brought changes all of the page.
            if (this.bringing && !answer.bringing) {
                window.location.reload();
                return;
            }
            if (answer.settings !== undefined) {
                renew(this.$refs.settings, answer.settings);
                renew(this.$refs.apply, answer.apply);
                renew(document.getElementById('house-history'), answer.history);
            }
            if (answer.preview?.proof !== this.preview?.proof) this.held = null;
            this.preview = answer.preview;
            this.show();
            const plan = answer.preview?.plan;
            if (this.working && plan && this.ordered !== plan) {
                this.ordered = plan;
                this.order();
            }
        },

        async order() {
            if (!this.preview?.plan) return;
            try {
                await ask(this.preview.order, { method: 'POST', json: {}, quiet: true });
                this.waits();
                this.again(150);
            } catch (problem) {
                this.problem = problem.message;
            }
        },

        async show() {
            const { preview } = this;
            if (!preview?.proof) return;
            const frames = [...this.$refs.frames.querySelectorAll('.house-frame')];
            if (this.filming_ !== preview.proof) {
                this.filming_ = preview.proof;
                this.film_ = fetch(preview.proof).then((answer) => (answer.ok ? answer.blob() : null));
            }
            try {
                const film = await this.film_;
                if (this.preview !== preview) return;
                const isOther = this.filmed_ !== preview.proof;
                this.filmed_ = preview.proof;
                await Promise.all(frames.map((frame, i) => this.draw(frame, i, preview, isOther ? film : null)));
            } catch (problem) {
                this.problem = problem.message;
            }
        },

        async draw(frame, i, { script, faces, moments, seconds, progress }, film) {
            const video = frame.querySelector('video');
            if (film) {
                if (video.src) URL.revokeObjectURL(video.src);
                video.src = URL.createObjectURL(film);
                await new Promise((done) => { video.addEventListener('loadeddata', done, { once: true }); });
            }
            if (film || Math.abs(video.currentTime - moments[i]) > 0.01) video.currentTime = moments[i];
            const line = frame.querySelector('.stage-line');
            line.hidden = !progress;
            if (progress) {
                line.style.cssText = `background: #${progress.colour}; width: ${(100 * moments[i]) / seconds}%;
                    ${progress.top ? 'top' : 'bottom'}: 0`;
            }
            if (words[i] === null) words[i] = renderer(frame.querySelector('canvas'), script, faces);
            else await (await words[i]).show(script, faces);
            await (await words[i]).draw(moments[i]);
            frame.dataset.drawn = script.length;
        },

        apply(url) {
            return this.does(() => ask(url, { method: 'POST', json: {} }), { all: true });
        },
    };
};
