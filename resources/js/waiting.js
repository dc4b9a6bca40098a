/** How often something that is waited for is looked at, at the longest, and the part of the wait that this may add. */
const LOOKS_MS = 1000;
const PATIENCE = 0.1;

/** How long until another look: the longer it has been waited already, up to a second; never less than is said. */
export function patience(sinceMs, everyMs = LOOKS_MS) {
    return Math.max(everyMs, Math.min(LOOKS_MS, PATIENCE * (Date.now() - sinceMs)));
}

/**
 * Looks again and again until there is what is waited for. A look that fails is no answer: it is looked again.
 *
 * @param {() => Promise<boolean>} look  tells whether it is there
 * @returns {Promise<boolean>} false where it was waited for long enough
 */
export async function until(look, { everyMs = LOOKS_MS, forMs = Infinity } = {}) {
    const since = Date.now();
    while (Date.now() - since < forMs) {
        if (await look().catch(() => false)) return true;
        await new Promise((resolve) => { setTimeout(resolve, patience(since, everyMs)); });
    }
    return false;
}

/** Waits while something in an element is held down: what is pressed stays under the pointer until it is let go. */
export const released = (element) => until(async () => !element.matches(':active'), { everyMs: 50 });
