import uPlot from 'uplot';
import 'uplot/dist/uPlot.min.css';

/** A line over days, drawn from the table that stands behind it: [days as Unix times, values]. */
export default (times, values, label) => ({
    init() {
        const styles = getComputedStyle(document.documentElement);
        const ink = styles.getPropertyValue('--ink');
        const soft = styles.getPropertyValue('--ink-soft');
        const rule = styles.getPropertyValue('--rule');
        const axis = { stroke: soft, grid: { stroke: rule, width: 1 }, ticks: { stroke: rule },
            font: '12px sans-serif' };
        const size = () => ({ width: this.$el.clientWidth, height: 190 });
        const plot = new uPlot({
            ...size(),
            legend: { live: true },
            scales: { x: { time: true }, y: { range: (self, least, most) => [0, Math.max(1, most * 1.08)] } },
            axes: [{ ...axis, values: (self, all) => all.map((one) => new Date(one * 1000).toLocaleDateString('en-GB', {
                day: 'numeric', month: 'short', timeZone: 'UTC',
            })) }, { ...axis, size: 64, values: (self, all) => all.map((one) => one.toLocaleString('en')) }],
            series: [
                { label: 'Day', value: (self, one) => (one ? new Date(one * 1000).toISOString().slice(0, 10) : '–') },
                { label, stroke: ink, width: 2, fill: '#b0321b22', points: { size: 6, fill: ink } },
            ],
        }, [times, values], this.$el);
        new ResizeObserver(() => plot.setSize(size())).observe(this.$el);
    },
});
