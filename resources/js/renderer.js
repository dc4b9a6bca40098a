import JASSUB from 'jassub';

const bytes = new Map();

/** The file of a face, fetched once. */
const face = (url) => {
    if (!bytes.has(url)) {
        bytes.set(url, fetch(url).then(async (answer) => {
            if (!answer.ok) throw new Error('A typeface of the captions cannot be read. Reload the page.');
            return new Uint8Array(await answer.arrayBuffer());
        }));
    }
    return bytes.get(url);
};

/** Draws captions onto a canvas with the renderer that burns them. */
export default async function renderer(canvas, script, faces) {
    const had = new Set(faces);
    const full = { width: canvas.width, height: canvas.height };
    const fonts = await Promise.all(faces.map(face));
    const own = new JASSUB({
        canvas, subContent: script, queryFonts: false, prescaleFactor: 1, prescaleHeightLimit: 3840,
        // What it keeps of a face is its own copy: others need it too.
        fonts: fonts.map((font) => font.slice()),
        defaultFont: 'none',
    });
    await own.ready;
    return {
        /** Other captions, with the faces that they need. */
        async show(next, urls) {
            const fresh = urls.filter((url) => !had.has(url));
            if (fresh.length) {
                const more = await Promise.all(fresh.map(face));
                fresh.forEach((url) => had.add(url));
                await own.renderer.addFonts(more.map((font) => font.slice()));
            }
            await own.renderer.setTrack(next);
        },

        /** @param {number} seconds the moment that is drawn */
        async draw(seconds, width = full.width, height = full.height) {
            await own.manualRender({ mediaTime: seconds, width, height, expectedDisplayTime: 0 }, true);
        },

        close: () => own.destroy(),
    };
}
