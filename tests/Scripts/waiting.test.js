import assert from 'node:assert/strict';
import { test } from 'node:test';
import { patience, until } from '../../resources/js/waiting.js';

test('the longer it is waited, the less often it is looked, up to once a second', () => {
    const since = (ms) => Date.now() - ms;
    assert.equal(patience(since(0), 120), 120);
    assert.ok(Math.abs(patience(since(5_000), 120) - 500) < 20);
    assert.equal(patience(since(600_000), 120), 1_000);
    assert.equal(patience(since(600_000), 1_500), 1_500, 'never oftener than is said');
    assert.equal(patience(since(0)), 1_000);
});

test('it is looked until there is something, and a look that fails is no answer', async () => {
    let looks = 0;
    const found = await until(async () => {
        looks++;
        if (looks === 1) throw new Error('not yet');
        return looks === 3;
    }, { everyMs: 1 });
    assert.deepEqual([found, looks], [true, 3]);
});

test('it ends where it was waited for long enough', async () => {
    assert.equal(await until(async () => false, { everyMs: 1, forMs: 20 }), false);
    assert.equal(await until(async () => { throw new Error('gone'); }, { everyMs: 1, forMs: 20 }), false);
});
