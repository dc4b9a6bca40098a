import { Upload } from 'tus-js-client';
import ask from './ask';
import { renew } from './page';
import { until } from './waiting';

/** Sends a file in pieces; after a broken connection it goes on where it was. */
const send = (file, endpoint, tell) => new Promise((done, failed) => {
    const upload = new Upload(file, {
        endpoint,
        chunkSize: 4 * 1024 * 1024,
        retryDelays: [0, 1000, 3000, 8000, 15000],
        metadata: { filename: file.name },
        removeFingerprintOnSuccess: true,
        headers: {
            'X-CSRF-TOKEN': document.querySelector('meta[name=csrf-token]').content, Accept: 'application/json',
        },
        onProgress: (sent, all) => tell(sent / all),
        onSuccess: () => done(upload.url.split('/').pop()),
        onError: (problem) => {
            let message = 'The connection broke. Upload it again: it goes on where it was.';
            try {
                message = JSON.parse(problem.originalResponse.getBody()).message ?? message;
            } catch {
                // The server said nothing that could be shown.
            }
            failed(new Error(message));
        },
    });
    upload.findPreviousUploads().then((before) => {
        if (before.length) upload.resumeFromPreviousUpload(before[0]);
        upload.start();
    });
});

/** All files of what was dropped, those in folders too, each with the folders it lies in. */
async function filesOf(entry, folder = '') {
    if (entry.isFile) {
        const file = await new Promise((done, failed) => entry.file(done, failed));
        return [[file, folder]];
    }
    const reader = entry.createReader();
    const found = [];
    for (;;) {
        const some = await new Promise((done, failed) => reader.readEntries(done, failed));
        if (!some.length) return found;
        for (const one of some) found.push(...await filesOf(one, `${folder}${entry.name}/`));
    }
}

/** Clips and stills being brought in, one after the other, so that one bad file holds up no other. */
export default (urls) => ({
    over: false,
    tags: '',
    waiting: 0,
    percent: 0,
    added: [],
    near: [],
    problems: [],
    chosen: [],
    value: '',
    mend: '',
    said: '',
    undoable: false,

    init() {
        this.watch();
    },

    /** Looks again while a worker has some in hand. */
    watch() {
        const isOver = () => !document.querySelector('[data-checking]');
        if (this.watching_ || isOver()) return;
        this.watching_ = true;
        until(async () => {
            await this.fresh();
            return isOver();
        }, { everyMs: 1500 }).finally(() => { this.watching_ = false; });
    },

    /** What there is now, in the place where it is looked at. */
    async fresh() {
        const page = new DOMParser().parseFromString(await (await fetch(location.href)).text(), 'text/html');
        for (const id of ['footage-head', 'footage-found']) {
            renew(document.getElementById(id), page.getElementById(id).innerHTML);
        }
        this.watch();
    },

    async dropped({ items, files }) {
        const entries = [...items].map((item) => item.webkitGetAsEntry?.()).filter(Boolean);
        if (!entries.some((entry) => entry.isDirectory)) return this.take(files);
        return this.bring((await Promise.all(entries.map((entry) => filesOf(entry)))).flat());
    },

    take(files) {
        return this.bring([...files].map((file) => [
            file, file.webkitRelativePath?.split('/').slice(0, -1).join('/') ?? '',
        ]));
    },

    async bring(files) {
        this.over = false;
        [this.added, this.near, this.problems, this.waiting] = [[], [], [], files.length];
        for (const [file, folder] of files) {
            // A folder holds what its system keeps there too.
            if (file.name.startsWith('.')) {
                this.waiting--;
                continue;
            }
            try {
                const upload = await send(file, urls.uploads, (part) => { this.percent = Math.round(100 * part); });
                const answer = await ask(urls.store, { method: 'POST', json: { upload, folder, tags: this.tags } });
                this.added.push(...answer.added);
                this.near.push(...answer.near);
                this.problems.push(...answer.problems);
                await this.fresh();
            } catch (problem) {
                this.problems.push(`${file.name}: ${problem.message}`);
            }
            this.waiting--;
        }
        [this.$refs.files.value, this.$refs.folder.value] = ['', ''];
        await this.fresh();
    },

    // Many at once

    all() {
        this.chosen = [...this.$root.querySelectorAll('.card-facts input')].map((box) => box.value);
    },

    async act(does) {
        [this.problems, this.said] = [[], ''];
        try {
            const json = { do: does, value: this.value, ids: this.chosen.map(Number) };
            this.said = (await ask(urls.act, { method: 'POST', json })).said ?? '';
            this.chosen = [];
            this.undoable = !['undo', 'redo'].includes(does);
            await this.fresh();
        } catch (problem) {
            this.problems = [problem.message];
        }
    },

    /** Moving over a clip looks through it. */
    scrubs(event) {
        const card = event.target.closest('[data-scrub]');
        if (!card || card.querySelector('video')) return;
        const video = Object.assign(document.createElement('video'), {
            src: card.dataset.scrub, muted: true, preload: 'auto', playsInline: true,
        });
        const move = ({ offsetX }) => {
            video.currentTime = Math.max(0, Math.min(1, offsetX / card.clientWidth)) * Number(card.dataset.ms) / 1000;
        };
        card.append(video);
        card.addEventListener('mousemove', move);
        card.addEventListener('mouseleave', () => {
            card.removeEventListener('mousemove', move);
            video.removeAttribute('src');
            video.remove();
        }, { once: true });
    },
});
