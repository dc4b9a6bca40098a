/**
 * What a short sounds like at another level of its music, before it is mixed anew: both halves of the last mix, played
 * together in time with the picture. Every level was computed by the server.
 */
export const liveSound = () => {
    let context = null;
    let halves = null;
    let asked = null;
    let players = [];

    const fetched = async (url) => {
        const answer = await fetch(url);
        if (!answer.ok) throw new Error('gone');
        return context.decodeAudioData(await answer.arrayBuffer());
    };

    return {
        /** Fetches both halves, once for every mix. */
        async ready(sound) {
            if (!sound.rest || !sound.bed || asked === sound.of) return;
            asked = sound.of;
            context ??= new AudioContext();
            try {
                const [rest, bed] = await Promise.all([fetched(sound.rest), fetched(sound.bed)]);
                if (asked === sound.of) halves = { rest, bed, gain: sound.gain, over: sound.over };
            } catch {
                asked = null;
            }
        },

        has: () => halves !== null,

        stop() {
            players.forEach((player) => player.stop());
            players = [];
        },

        /** From a moment on, under a line of [ms, dB]. */
        async start(seconds, line, isSilent) {
            this.stop();
            if (!halves || isSilent) return;
            await context.resume();
            const begin = context.currentTime + 0.02;
            const loud = context.createGain();
            loud.gain.value = 10 ** (halves.gain / 20);
            // What the mix is held down by where it is loud.
            const held = context.createDynamicsCompressor();
            Object.assign(held.threshold, { value: -3 });
            Object.assign(held.ratio, { value: 20 });
            loud.connect(held).connect(context.destination);
            const level = context.createGain();
            level.connect(loud);
            // The music is kept quieter than the rest.
            const over = 10 ** (halves.over / 20);
            const gain = (db) => over * Math.max(0.0001, 10 ** (db / 20));
            const at = (ms) => {
                const next = line.findIndex(([point]) => point >= ms);
                if (next <= 0) return (line[next === 0 ? 0 : line.length - 1] ?? [0, -60])[1];
                const [[from, low], [to, high]] = [line[next - 1], line[next]];
                return low + ((high - low) * (ms - from)) / Math.max(1, to - from);
            };
            level.gain.setValueAtTime(gain(at(1000 * seconds)), begin);
            for (const [ms, db] of line) {
                if (ms > 1000 * seconds) {
                    level.gain.exponentialRampToValueAtTime(gain(db), begin + ms / 1000 - seconds);
                }
            }
            for (const [sound, out] of [[halves.rest, loud], [halves.bed, level]]) {
                const player = context.createBufferSource();
                player.buffer = sound;
                player.connect(out);
                player.start(begin, Math.min(seconds, sound.duration));
                players.push(player);
            }
        },
    };
};
