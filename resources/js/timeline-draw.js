/** Draws a sheet: words, pictures and sound at their times, so many pixels to a second. Times in ms. */

const LINE = 17;

const make = (name, className, text = '') => Object.assign(document.createElement(name), {
    className, textContent: text,
});

const place = (element, from, until, px) => {
    element.style.top = `${(from * px) / 1000}px`;
    if (until !== null) element.style.height = `${Math.max(1, ((until - from) * px) / 1000)}px`;
    return element;
};

/** The ruler: a mark every so many seconds, and the lines of hook and length across all columns. */
export function drawRuler(box, drawn, px) {
    const every = [1, 2, 5, 10].find((seconds) => seconds * px >= 26) ?? 30;
    const parts = [];
    const lines = [drawn.hook, drawn.limit, drawn.least].filter((ms) => ms > 0);
    for (let second = 0; second <= drawn.seconds; second += every) {
        // A line says where it is itself.
        if (lines.some((ms) => Math.abs(ms - 1000 * second) * px < 14_000)) continue;
        const says = `${Math.floor(second / 60)}:${String(second % 60).padStart(2, '0')}`;
        const mark = place(make('span', 'second-mark', says), 1000 * second, null, px);
        parts.push(mark);
    }
    const line = (ms, says, kind) => {
        if (ms > 0 && ms <= 1000 * drawn.seconds + 4000) {
            parts.push(place(make('span', `across ${kind}`, says), ms, null, px));
        }
    };
    line(drawn.hook, `hook ${drawn.hook / 1000} s`, 'is-hook');
    line(drawn.limit, `limit ${drawn.limit / 1000} s`, 'is-limit');
    line(drawn.least, `at least ${drawn.least / 1000} s`, 'is-limit');
    box.replaceChildren(...parts);
}

/** Words that are said within the height of a line stand on one; each line stands where its first word begins. */
function lines(words, px, height) {
    const found = [];
    let foot = -Infinity;
    for (const [number, [text, from, until]] of words.entries()) {
        const top = (from * px) / 1000;
        // What would stand over the next scene stands on the line before.
        if (top >= foot && (found.length === 0 || top + LINE <= height + 2)) {
            found.push({ top, words: [] });
            foot = top + LINE;
        }
        found.at(-1).words.push({ number, text, from, until });
    }
    return found;
}

/** What stands out, beside the words: one under another where they are near, as one where there is no room for more. */
function drawFlags(drawn, px) {
    const roles = drawn.scenes.map((scene) => {
        const top = (scene.from * px) / 1000;
        return [top, top + (hasCadence(scene, px) ? 2 * LINE : LINE)];
    });
    const placed = [];
    for (const flag of [...drawn.flags].sort((a, b) => a.ms - b.ms)) {
        let top = Math.max((flag.ms * px) / 1000, placed.at(-1)?.foot ?? 0);
        for (const [from, until] of roles) if (top + LINE - 3 > from && top < until) top = until;
        const last = placed.at(-1);
        if (last && top - (flag.ms * px) / 1000 > 2.5 * LINE) last.flags.push(flag);
        else placed.push({ top, foot: top + LINE - 2, flags: [flag] });
    }
    return placed.map(({ top, flags }) => {
        const says = flags.length > 1 ? `▲ ${flags[0].short} +${flags.length - 1}` : `▲ ${flags[0].short}`;
        // For the mouse alone: the list under the sheet has the same for keys.
        const button = make('span', 'said-flag', says);
        button.dataset.flag = flags[0].ms;
        button.title = flags.map((flag) => flag.says).join(' ');
        button.style.top = `${top}px`;
        return button;
    });
}

const hasCadence = (scene, px) => scene.cadence !== '' && ((scene.until - scene.from) * px) / 1000 >= 2 * LINE;

export function drawSaid(box, drawn, px) {
    const parts = drawn.scenes.map((scene, number) => {
        const block = place(make('section', `said-scene is-${scene.role}`), scene.from, scene.until, px);
        block.dataset.scene = number;
        block.tabIndex = -1;
        if (scene.optional) block.classList.add('is-optional');
        const role = make('button', 'said-role', scene.role);
        role.type = 'button';
        role.title = [`Scene ${number + 1}: drag it to another place`, scene.note].filter(Boolean).join('. ');
        role.dataset.drags = 'scene';
        if (scene.note) role.append(make('b', '', ' !'));
        block.append(role);
        if (hasCadence(scene, px)) block.append(make('span', 'said-cadence', scene.cadence));
        const words = scene.words.map(([text, from, until]) => [text, from - scene.from, until - scene.from]);
        for (const line of lines(words, px, ((scene.until - scene.from) * px) / 1000)) {
            const row = make('p', 'said-line');
            row.style.top = `${line.top}px`;
            for (const word of line.words) {
                const button = make('span', 'said-word', word.text);
                Object.assign(button.dataset, {
                    word: word.number, from: scene.from + word.from, until: scene.from + word.until,
                });
                row.append(button, ' ');
            }
            block.append(row);
        }
        return block;
    });
    const gaps = drawn.silences.filter(([from, until]) => ((until - from) * px) / 1000 >= 3).map(([from, until]) => {
        const high = ((until - from) * px) / 1000 >= 11;
        const gap = place(
            make('button', 'said-gap', high ? `${((until - from) / 1000).toFixed(2)} s` : ''), from, until, px,
        );
        gap.type = 'button';
        gap.dataset.gap = from;
        gap.title = `A pause of ${((until - from) / 1000).toFixed(2)} s: close it`;
        return gap;
    });
    box.replaceChildren(...parts, ...gaps, ...drawFlags(drawn, px));
}

export function drawSeen(box, drawn, px) {
    box.replaceChildren(...drawn.shots.map((shot, number) => {
        const height = ((shot.until - shot.from) * px) / 1000;
        const block = place(make('div', 'seen-shot'), shot.from, shot.until, px);
        block.dataset.shot = number;
        block.tabIndex = -1;
        if (shot.locked) block.classList.add('is-locked');
        if (!shot.fits) block.classList.add('is-odd');
        if (height >= 20 && shot.thumb) {
            const picture = make('img', '');
            Object.assign(picture, { src: shot.thumb, alt: '', loading: 'lazy', draggable: false });
            block.append(picture);
        }
        const says = make('span', 'seen-says');
        const length = ((shot.until - shot.from) / 1000).toFixed(2);
        says.append(make('b', '', `${length} s`), ` ${shot.name}`);
        const more = [
            shot.locked ? 'chosen' : shot.why, shot.fits ? '' : 'nothing here fits its words',
            shot.fit,
        ].filter(Boolean).join(' · ');
        if (height >= 38 && more) says.append(make('span', 'under', more));
        block.title = `${shot.name}. ${more}`;
        block.append(says);
        if (!shot.first) {
            const handle = make('span', 'seen-edge');
            handle.dataset.drags = 'edge';
            handle.title = 'Drag to another word; with Alt to a frame';
            block.append(handle);
        }
        return block;
    }));
}

/** Where a level stands across the column: as loud as the voice at the wave, 40 dB under it at the edge. */
export function levelAt(db, width) {
    const middle = width * 0.42;
    return middle + (width - middle) * Math.min(1, Math.max(0, -db / 40));
}

/** The voice's wave form, the level of the music and effects, as much of them as is in view. */
export function drawHeard(canvas, drawn, wave, heard, px, top, height) {
    const ratio = window.devicePixelRatio || 1;
    const width = canvas.clientWidth;
    [canvas.width, canvas.height] = [width * ratio, height * ratio];
    canvas.style.height = `${height}px`;
    const pen = canvas.getContext('2d');
    pen.scale(ratio, ratio);
    const style = getComputedStyle(canvas);
    const middle = width * 0.42;
    pen.fillStyle = style.getPropertyValue('--sea');
    for (const scene of wave?.scenes ?? []) {
        const step = (wave.step * px) / 1000;
        const first = Math.max(0, Math.floor((top - (scene.from * px) / 1000) / step));
        const last = Math.min(scene.peaks.length, Math.ceil((top + height - (scene.from * px) / 1000) / step));
        for (let i = first; i < last; i++) {
            const half = Math.max(0.5, (scene.peaks[i] / 100) * middle);
            pen.fillRect(middle - half, (scene.from * px) / 1000 + i * step - top, 2 * half, Math.max(0.8, step));
        }
    }
    pen.strokeStyle = style.getPropertyValue('--accent');
    pen.lineWidth = 1.5;
    pen.beginPath();
    for (const [ms, db] of heard?.line ?? []) pen.lineTo(levelAt(db, width), (ms * px) / 1000 - top);
    pen.stroke();
}

/** Effects as marks, and the points by which the level of the music was moved: for the mouse; keys do the same. */
export function drawMarks(box, drawn, heard, px) {
    const width = box.clientWidth;
    const byHand = drawn.scenes.flatMap((scene, number) => scene.sounds.map(([word, sound, ms]) => ({
        scene: number, word, sound, ms: (scene.words[word]?.[1] ?? scene.from) + ms,
    })));
    let foot = -Infinity;
    const effects = drawn.effects.map((effect) => {
        const top = Math.max((effect.ms * px) / 1000, foot);
        foot = top + 14;
        const mark = make('span', 'heard-effect', effect.name);
        mark.style.top = `${top}px`;
        mark.title = `${effect.name}, ${effect.why}`;
        mark.dataset.ms = effect.ms;
        const own = byHand.find((one) => one.sound === effect.id && Math.abs(one.ms - effect.ms) < 3);
        if (own) Object.assign(mark.dataset, { scene: own.scene, word: own.word });
        return mark;
    });
    const level = (ms) => {
        const next = heard.line.findIndex(([point]) => point >= ms);
        return (heard.line[Math.max(0, next)] ?? [0, -40])[1];
    };
    const points = (heard?.moved ?? []).map(([ms, db], number) => {
        const point = make('span', 'heard-point');
        point.dataset.point = number;
        point.title = `${db > 0 ? '+' : ''}${db} dB: drag it; double-click deletes it`;
        Object.assign(point.style, { top: `${(ms * px) / 1000}px`, left: `${levelAt(level(ms), width)}px` });
        return point;
    });
    box.replaceChildren(...effects, ...points);
}
