import assert from 'node:assert/strict';
import { beforeEach, test } from 'node:test';
import ask, { isOvertaken, shows } from '../../resources/js/ask.js';

let asked;
let answers;

beforeEach(() => {
    asked = [];
    answers = [];
    globalThis.document = { querySelector: () => ({ content: 'token' }) };
    globalThis.fetch = async (url, how) => {
        asked.push({ url, ...how });
        const { status = 200, body = {}, headers = {} } = answers.shift() ?? {};
        return new Response(JSON.stringify(body), { status, headers });
    };
});

test('a change tells which state it was made on, and the page knows the one that it left', async () => {
    shows(7);
    answers.push({ headers: { 'X-Seen': '8' } }, {});
    await ask('/scenes/1', { method: 'PUT', json: { text: 'x' } });
    await ask('/scenes/1', { method: 'PUT', json: { text: 'y' } });
    assert.deepEqual(asked.map(({ headers }) => headers['X-Seen']), [7, 8]);
    assert.ok(isOvertaken(7));
    assert.ok(!isOvertaken(8));
});

test('what is asked quietly leaves the page with what it has seen', async () => {
    shows(20);
    answers.push({ headers: { 'X-Seen': '25' } }, { headers: { 'X-Seen': '25' } });
    await ask('/shorts/1/proof', { method: 'POST', json: {}, quiet: true });
    await ask('/shorts/1/state');
    assert.ok(!isOvertaken(20));
    assert.deepEqual(asked.map(({ headers }) => headers['X-Seen']), [undefined, undefined]);
});

test('a refusal comes in the words of the server, and a page without a session says so', async () => {
    answers.push({ status: 422, body: { message: 'Write the tags first.' } }, { status: 419 });
    await assert.rejects(ask('/footage/act', { method: 'POST', json: {} }), /Write the tags first\./);
    await assert.rejects(ask('/footage/act', { method: 'POST', json: {} }), /You were signed out/);
});

test('a server that was too busy is asked again, and what broke on the way is told', async () => {
    const busy = { status: 503, headers: { 'X-Nothing-Done': '1', 'Retry-After': '0' } };
    answers.push(busy, busy, { body: { said: 'Done.' } });
    assert.deepEqual(await ask('/x', { method: 'POST', json: {} }), { said: 'Done.' });
    assert.equal(asked.length, 3);
    // Whoever did something may not be asked to do it twice.
    answers.push({ status: 503, body: { message: 'Busy.' } });
    await assert.rejects(ask('/x', { method: 'POST', json: {} }), /Busy\./);
    globalThis.fetch = async () => { throw new TypeError('network'); };
    await assert.rejects(ask('/x'), /What you typed is still here/);
});
