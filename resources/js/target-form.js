/** The form of a target: how large its frames are, and its safe area, dragged over one of them. */
export default ({ shapes, shape, form }) => ({
    shape: form.shape ?? '',
    side: form.side,
    safe: Object.fromEntries(['top', 'right', 'bottom', 'left'].map((edge) => [edge, form[`safe_${edge}`] ?? '0'])),

    init() {
        this.$watch('shape', () => this.usual());
    },

    get of() {
        return shapes[this.shape || shape];
    },

    get ratio() {
        return `${this.of.size[0]} / ${this.of.size[1]}`;
    },

    get size() {
        const [width, height] = this.of.size.map((one) => 2 * Math.round(
            (one * Number(this.side)) / Math.min(...this.of.size) / 2,
        ));
        if (!(width > 0 && height > 0)) return '';
        return `${width} × ${height} pixels${this.shape ? '' : ', in the shape of the channel'}`;
    },

    usual() {
        for (const edge of Object.keys(this.safe)) this.safe[edge] = String(this.of.safe[edge]);
    },

    /** What is covered at an edge, as a style. */
    cover(edge) {
        const side = edge === 'top' || edge === 'bottom' ? 'height' : 'width';
        return `${side}: ${Number(this.safe[edge]) || 0}%`;
    },

    line(edge) {
        return `${edge}: ${Number(this.safe[edge]) || 0}%`;
    },

    put(edge, percent) {
        const other = { top: 'bottom', bottom: 'top', left: 'right', right: 'left' }[edge];
        const most = 70 - (Number(this.safe[other]) || 0);
        this.safe[edge] = String(Math.round(10 * Math.min(Math.max(0, percent), Math.max(0, most))) / 10);
    },

    drag(event, edge) {
        const line = event.currentTarget;
        line.focus();
        line.setPointerCapture(event.pointerId);
        const box = this.$refs.frame.getBoundingClientRect();
        const move = ({ clientX, clientY }) => this.put(edge, 100 * {
            top: (clientY - box.top) / box.height,
            bottom: (box.bottom - clientY) / box.height,
            left: (clientX - box.left) / box.width,
            right: (box.right - clientX) / box.width,
        }[edge]);
        line.onpointermove = move;
        line.onpointerup = line.onpointercancel = () => { line.onpointermove = null; };
    },

    walk(event, edge) {
        const inwards = { top: 'ArrowDown', bottom: 'ArrowUp', left: 'ArrowRight', right: 'ArrowLeft' }[edge];
        const outwards = { top: 'ArrowUp', bottom: 'ArrowDown', left: 'ArrowLeft', right: 'ArrowRight' }[edge];
        if (![inwards, outwards].includes(event.key)) return;
        event.preventDefault();
        const step = event.shiftKey ? 5 : 1;
        this.put(edge, (Number(this.safe[edge]) || 0) + (event.key === inwards ? step : -step));
    },
});
