import { FRAME } from './stage';

/** A sheet by key; what a key does can be done by a button too. */
export const keying = (drawn) => ({
    keyed(event) {
        if (event.target.closest('input, textarea, select, summary') || event.ctrlKey || event.metaKey) return;
        // A button that is pressed by key does what it says.
        const isPressed = event.target.closest('button, a') && ['Enter', ' '].includes(event.key);
        if (isPressed || document.querySelector('.modal.show')) return;
        const does = this.keys(event.altKey)[event.key];
        if (!does) return;
        event.preventDefault();
        does();
    },

    /** What a key does, done by a button: "Alt+Enter". */
    run(key) {
        this.keys(key.startsWith('Alt+'))[key.replace('Alt+', '')]();
    },

    keys(withAlt) {
        const scene = this.sceneAt(1000 * (this.at + FRAME / 2));
        return withAlt ? {
            ArrowUp: () => this.doesTo(drawn().scenes[scene].reword, { do: 'up' }),
            ArrowDown: () => this.doesTo(drawn().scenes[scene].reword, { do: 'down' }),
            ArrowRight: () => this.moveLevel(1),
            ArrowLeft: () => this.moveLevel(-1),
            Delete: () => this.dropPoint(),
            Enter: () => this.splitScene(),
            j: () => this.doesTo(drawn().scenes[scene].reword, { do: 'join' }),
        } : {
            ' ': () => { this.part = null; this.play(); },
            ArrowDown: () => this.stepWord(1),
            ArrowUp: () => this.stepWord(-1),
            ArrowRight: () => this.seek(this.at + FRAME),
            ArrowLeft: () => this.seek(this.at - FRAME),
            PageDown: () => this.choose(this.chosen + 1, { goes: true }),
            PageUp: () => this.choose(this.chosen - 1, { goes: true }),
            Home: () => this.seek(0),
            End: () => this.seek(this.seconds),
            Enter: () => this.edit(scene),
            '+': () => this.zoom(this.px * 1.3),
            '-': () => this.zoom(this.px / 1.3),
            0: () => this.zoom(this.fitting()),
            '[': () => this.nudge(-1),
            ']': () => this.nudge(1),
            '{': () => this.nudge(0, -1),
            '}': () => this.nudge(0, 1),
            ',': () => this.slip(-200),
            '.': () => this.slip(200),
            s: () => this.splitShot(),
            j: () => drawn().shots.length && this.doesTo(drawn().shots[this.chosen].does, { do: 'join' }),
            x: () => this.closeGap(),
            o: () => this.optional(),
            p: () => this.playScene(scene),
            t: () => this.playShot(),
            k: () => this.playPart(0, drawn().scenes[0].until / 1000),
            a: () => this.toggleHere(),
            c: () => this.openEffects(),
            i: () => this.openCard(),
            6: () => this.swap(),
            r: () => { this.looped = !this.looped; },
            1: () => this.swap(1), 2: () => this.swap(2), 3: () => this.swap(3), 4: () => this.swap(4),
            5: () => this.swap(5),
        };
    },

    frames() {
        const shot = drawn().shots[this.chosen];
        if (shot) location.assign(shot.framing);
    },

    playScene(scene) {
        this.playPart(drawn().scenes[scene].from / 1000, drawn().scenes[scene].until / 1000);
    },

    playShot() {
        const shot = drawn().shots[this.chosen];
        if (shot) this.playPart(shot.from / 1000, shot.until / 1000);
    },
});
