import ask from './ask';

/** A page that is open says so again before the server takes it for closed. */
const EVERY_MS = 60_000;

/**
 * Tells the server that somebody has a short before them, now and as long as the page is looked at: its preview is made
 * before other work.
 *
 * @param {() => string|null|undefined} where it is told; nowhere yet where there is no short
 */
export default function looking(where) {
    const tell = () => {
        const url = document.hidden ? null : where();
        // Nothing is lost where it does not arrive.
        if (url) ask(url, { method: 'POST', json: {}, quiet: true }).catch(() => {});
    };
    tell();
    setInterval(tell, EVERY_MS);
}
