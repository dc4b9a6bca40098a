import ask from './ask';
import { renew } from './page';

/** Clips and stills being brought in: one request a file, so that one bad file holds up no other. */
export default (url) => ({
    over: false,
    tags: '',
    waiting: 0,
    added: [],
    problems: [],

    init() {
        this.watch();
    },

    /** Looks again while a worker has some in hand. */
    watch() {
        if (!document.querySelector('[data-checking]')) return;
        setTimeout(async () => {
            try {
                const page = new DOMParser().parseFromString(await (await fetch(location.href)).text(), 'text/html');
                renew(document.getElementById('footage-grid'), page.getElementById('footage-grid').innerHTML);
            } catch {
                // Asked again below.
            }
            this.watch();
        }, 1500);
    },

    async take(files) {
        this.over = false;
        [this.added, this.problems, this.waiting] = [[], [], files.length];
        for (const file of files) {
            const form = new FormData();
            form.append('files[]', file);
            form.append('tags', this.tags);
            try {
                const answer = await ask(url, { method: 'POST', form });
                this.added.push(...answer.added);
                this.problems.push(...answer.problems);
            } catch (problem) {
                this.problems.push(`${file.name}: ${problem.message}`);
            }
            this.waiting--;
        }
        this.$refs.files.value = '';
        if (this.added.length && !this.problems.length) location.reload();
    },
});
