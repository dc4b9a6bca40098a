import ask from './ask';

/** The logo on the preview of the house style: dragged, or moved by arrows, to one of the places it may stand at. */
export default () => ({
    held: null,

    logoStyle() {
        const logo = this.preview?.logo;
        if (!logo) return '';
        const [x, y] = this.held ?? [logo.left, logo.top];
        return `left: ${100 * x}%; top: ${100 * y}%; width: ${100 * logo.width}%; height: ${100 * logo.height}%`;
    },

    takeLogo(event) {
        const { logo } = this.preview;
        const stage = event.currentTarget.closest('.stage').getBoundingClientRect();
        const [fromX, fromY] = [event.clientX, event.clientY];
        const box = event.currentTarget;
        box.setPointerCapture(event.pointerId);
        const moves = ({ clientX, clientY }) => {
            this.held = [
                Math.min(1 - logo.width, Math.max(0, logo.left + (clientX - fromX) / stage.width)),
                Math.min(1 - logo.height, Math.max(0, logo.top + (clientY - fromY) / stage.height)),
            ];
        };
        const ends = () => {
            box.removeEventListener('pointermove', moves);
            box.removeEventListener('pointerup', ends);
            box.removeEventListener('pointercancel', ends);
            if (!this.held) return;
            this.placeLogo(this.nearest(this.held[0] + logo.width / 2, this.held[1] + logo.height / 2));
        };
        box.addEventListener('pointermove', moves);
        box.addEventListener('pointerup', ends);
        box.addEventListener('pointercancel', ends);
    },

    nearest(x, y) {
        const far = ([, [left, top]]) => Math.hypot(left - x, 1.78 * (top - y));
        return Object.entries(this.preview.logo.places).sort((a, b) => far(a) - far(b))[0][0];
    },

    /** One place further in a direction. */
    stepLogo(right, down) {
        const { places, place } = this.preview.logo;
        const [x, y] = places[place];
        const further = Object.entries(places).filter(([, [left, top]]) => (right ? (left - x) * right > 0.01
            && Math.abs(top - y) < 0.01 : (top - y) * down > 0.01 && Math.abs(left - x) < 0.01));
        further.sort((a, b) => Math.hypot(a[1][0] - x, a[1][1] - y) - Math.hypot(b[1][0] - x, b[1][1] - y));
        if (further.length) this.placeLogo(further[0][0]);
    },

    async placeLogo(place) {
        const { logo } = this.preview;
        if (place === logo.place) {
            this.held = null;
            return;
        }
        const json = { ...logo.setting, value: place };
        if (!await this.does(() => ask('/settings', { method: 'PUT', json }), { all: true })) this.held = null;
    },
});
