/** The state of the short that this page shows; a change made looking at an older one is refused by the server. */
let seen = null;

/** How often something is asked for again that the server was too busy to do. */
const TRIES = 4;

/**
 * Asks the server for JSON; a refusal comes back as an error with the server's own words. What is asked quietly changes
 * nothing of a short: the page has seen no more of it afterwards than before.
 */
export default async function ask(
    url,
    { method = 'GET', json = null, form = null, signal = undefined, quiet = method === 'GET', tries = TRIES } = {},
) {
    const token = document.querySelector('meta[name=csrf-token]').content;
    const headers = { Accept: 'application/json', 'X-CSRF-TOKEN': token };
    if (json !== null) headers['Content-Type'] = 'application/json';
    if (!quiet && seen !== null) headers['X-Seen'] = seen;
    let answer;
    try {
        const body = form ?? (json === null ? undefined : JSON.stringify(json));
        answer = await fetch(url, { method, headers, body, signal });
    } catch (problem) {
        if (problem.name === 'AbortError') throw problem;
        throw new Error('The server cannot be reached. What you typed is still here.');
    }
    if (answer.status === 401 || answer.status === 419) {
        throw new Error('You were signed out. Sign in again in another tab; what you typed is still here.');
    }
    // Nothing was done, as others were at it: once more, after as long as the server says.
    if (answer.status === 503 && answer.headers.has('X-Nothing-Done') && tries > 1) {
        await new Promise((done) => { setTimeout(done, 1000 * Number(answer.headers.get('Retry-After') ?? 2)); });
        return ask(url, { method, json, form, signal, quiet, tries: tries - 1 });
    }
    const body = await answer.json().catch(() => ({}));
    // Whoever changed something knows how it is now, and so does who was told what another has changed.
    // An answer that was overtaken by another takes nobody back.
    if (!quiet && seen !== null) shows(answer.headers.get('X-Seen') ?? seen);
    if (!answer.ok) throw new Error(body.message ?? 'That did not work. Try again.');
    return body;
}

/** Whether a state is from before the last change that was made here: an answer that was overtaken. */
export function isOvertaken(revision) {
    return seen !== null && revision !== undefined && Number(revision) < Number(seen);
}

/** The page shows a short in this state. */
export function shows(revision) {
    seen = Math.max(Number(seen ?? 0), Number(revision));
}
