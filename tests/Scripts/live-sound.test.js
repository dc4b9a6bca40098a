import assert from 'node:assert/strict';
import { test } from 'node:test';
import { liveSound } from '../../resources/js/live-sound.js';

/** What a browser plays with, which tells what each sound goes through. */
const listened = () => {
    const parameter = (at) => ({
        value: 1,
        setValueAtTime: (value, when) => at.push([value, when]),
        exponentialRampToValueAtTime: (value, when) => at.push([value, when]),
    });
    const played = [];
    const node = (more = {}) => ({ connect(to) { this.to = to; return to; }, ...more });
    globalThis.fetch = async (url) => ({ ok: true, arrayBuffer: async () => url });
    globalThis.AudioContext = class {
        currentTime = 10;

        destination = node();

        resume = async () => {};

        decodeAudioData = async (url) => ({ url, duration: 40 });

        createGain() {
            const moments = [];
            return node({ gain: parameter(moments), moments });
        }

        createDynamicsCompressor = () => node({ threshold: {}, ratio: {} });

        createBufferSource = () => node({
            start(when, from) { played.push({ player: this, when, from }); },
            stop() { this.isStopped = true; },
        });
    };
    return played;
};
const db = (gain) => 20 * Math.log10(gain);

test('both halves are as loud as they were mixed, the music under its line', async () => {
    const played = listened();
    const live = liveSound();
    await live.ready({ rest: 'rest.flac', bed: 'bed.flac', of: 'a', gain: 9.5, over: 12 });
    await live.start(2, [[0, -20], [4000, -20], [5000, -60]], false);
    const [rest, bed] = played.map(({ player }) => player);
    assert.deepEqual([rest.buffer.url, bed.buffer.url], ['rest.flac', 'bed.flac']);
    assert.deepEqual(played.map(({ from }) => from), [2, 2]);
    assert.ok(Math.abs(db(rest.to.gain.value) - 9.5) < 0.01);
    // It is kept 12 dB quieter than the rest, and brought up by them.
    assert.equal(bed.to.to, rest.to);
    assert.deepEqual(
        bed.to.moments.map(([gain, when]) => [Math.round(10 * db(gain)) / 10, Math.round(100 * when) / 100]),
        [[-8, 10.02], [-8, 12.02], [-48, 13.02]],
    );
});

test('what is silent is not played, and what plays ends before it begins again', async () => {
    const played = listened();
    const live = liveSound();
    assert.equal(live.has(), false);
    await live.start(0, [[0, 0]], false);
    assert.equal(played.length, 0, 'nothing is there yet');
    await live.ready({ rest: 'rest.flac', bed: 'bed.flac', of: 'a', gain: 0, over: 0 });
    assert.equal(live.has(), true);
    await live.start(0, [[0, 0]], true);
    assert.equal(played.length, 0);
    await live.start(0, [[0, 0]], false);
    await live.start(1, [[0, 0]], false);
    assert.deepEqual(played.map(({ player }) => player.isStopped === true), [true, true, false, false]);
});
