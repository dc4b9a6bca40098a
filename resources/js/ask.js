/** Asks the server for JSON; a refusal comes back as an error with the server's own words. */
export default async function ask(url, { method = 'GET', json = null, form = null, signal = undefined } = {}) {
    const headers = { Accept: 'application/json', 'X-CSRF-TOKEN': document.querySelector('meta[name=csrf-token]').content };
    if (json !== null) headers['Content-Type'] = 'application/json';
    let answer;
    try {
        answer = await fetch(url, { method, headers, body: form ?? (json === null ? undefined : JSON.stringify(json)), signal });
    } catch (problem) {
        if (problem.name === 'AbortError') throw problem;
        throw new Error('The server cannot be reached. What you typed is still here.');
    }
    if (answer.status === 401 || answer.status === 419) throw new Error('You were signed out. Sign in again in another tab; what you typed is still here.');
    const body = await answer.json().catch(() => ({}));
    if (!answer.ok) throw new Error(body.message ?? 'That did not work. Try again.');
    return body;
}
