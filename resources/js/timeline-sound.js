import Modal from 'bootstrap/js/dist/modal';
import { drawMarks, levelAt } from './timeline-draw';

/** A point of the level line is the one at the playhead where it is so near, in ms. */
const NEAR = 150;

const [SOFTEST, LOUDEST] = [-24, 24];

/**
 * The sheet's column of what is heard: effects that are placed and taken away, and the level of the music moved point
 * by point. The page gives what is drawn and heard (its own, as they change), and sets and does (set, doesTo).
 */
export const sounding = (drawn, heard) => {
    let drag = null;
    return {
        effect: '',
        /** The place that the list of effects is open for: scene, word, ms after its begin. */
        place: null,

        drawSound() {
            drawMarks(this.$refs.heardMarks, drawn(), heard(), this.px);
        },

        // Effects

        /** The word that is begun last before a moment, and how long before. */
        placeAt(ms) {
            const scene = this.sceneAt(ms);
            const { words } = drawn().scenes[scene];
            const word = Math.max(0, words.findLastIndex(([, from]) => from <= ms + 1));
            return { scene, word, ms: Math.round(ms - (words[word]?.[1] ?? ms)) };
        },

        openEffects(place = this.placeAt(1000 * this.at)) {
            this.place = place;
            const mark = drawn().scenes[place.scene].sounds.find(([word]) => word === place.word);
            this.effect = mark?.[1] ?? '';
            if (mark) this.place.ms = mark[2];
            Modal.getOrCreateInstance('#effects').show();
        },

        hearEffect(url) {
            this.$refs.effectPlayer.src = url;
            this.$refs.effectPlayer.play();
        },

        placeEffect(sound) {
            Modal.getOrCreateInstance('#effects').hide();
            document.activeElement?.blur();
            const { scene, word, ms } = this.place;
            return this.doesTo(drawn().scenes[scene].sound.replace(/0\/sound$/, `${word}/sound`), { sound, ms });
        },

        /** What was placed by hand is changed; what a rule placed is only gone to. */
        effectClicked(mark) {
            const ms = Number(mark.dataset.ms);
            this.goTo(ms);
            if (mark.dataset.word === undefined) return;
            this.openEffects({ scene: Number(mark.dataset.scene), word: Number(mark.dataset.word), ms: 0 });
        },

        // The level of the music

        setLine(points) {
            // Keys are faster than answers: the next goes on from here.
            heard().moved = points;
            const line = points.map(([ms, db]) => `${(ms / 1000).toFixed(3)}:${db}`).join(', ');
            return this.set('music_line', line);
        },

        /** Louder or softer at the playhead: a point is there from then on, and one that does nothing goes. */
        moveLevel(by) {
            const ms = Math.round(1000 * this.at);
            const points = heard().moved.map((point) => [...point]);
            let at = points.findIndex(([point]) => Math.abs(point - ms) <= NEAR);
            if (at < 0) at = points.push([ms, 0]) - 1;
            points[at][1] = Math.max(SOFTEST, Math.min(LOUDEST, points[at][1] + by));
            return this.setLine(points);
        },

        dropPoint(number = null) {
            const ms = 1000 * this.at;
            const at = number ?? heard().moved.findIndex(([point]) => Math.abs(point - ms) <= NEAR);
            if (at >= 0) this.setLine(heard().moved.filter((_, i) => i !== at));
        },

        pointGrabbed(event) {
            const point = event.target.closest('.heard-point');
            if (!point) return false;
            event.preventDefault();
            drag = { number: Number(point.dataset.point), point, x: event.clientX, y: event.clientY };
            point.classList.add('is-dragged');
            return true;
        },

        pointDragged(event) {
            if (!drag) return;
            drag.point.style.translate = `${event.clientX - drag.x}px ${event.clientY - drag.y}px`;
        },

        pointDropped(event) {
            if (!drag) return;
            const { number, point, x, y } = drag;
            drag = null;
            point.classList.remove('is-dragged');
            if (Math.hypot(event.clientX - x, event.clientY - y) < 3) return;
            const width = this.$refs.wave.clientWidth;
            const perDb = (levelAt(-10, width) - levelAt(0, width)) / 10;
            const points = heard().moved.map((one) => [...one]);
            points[number] = [
                Math.max(0, Math.round(points[number][0] + (1000 * (event.clientY - y)) / this.px)),
                Math.max(SOFTEST, Math.min(LOUDEST, Math.round(points[number][1] - (event.clientX - x) / perDb))),
            ];
            this.setLine(points);
        },

        /** A point where the line was double-clicked. */
        pointAdded(event) {
            if (!heard().line.length) return;
            this.setLine([...heard().moved, [Math.round(this.under(event)), 0]]);
        },
    };
};
