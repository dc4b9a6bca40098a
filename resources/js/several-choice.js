/** Any of several, ticked in boxes. Tells the form around it. */
export default (chosen, isInherited, labels) => ({
    chosen,
    touched: false,

    /** What is set; nothing where it is left as inherited. */
    get value() {
        if (isInherited && !this.touched) return '';
        return this.chosen.length ? this.chosen.join(',') : 'none';
    },

    get says() {
        if (!this.touched) return null;
        return this.chosen.map((id) => labels[id] ?? id).join(', ') || 'none';
    },

    told() {
        this.touched = true;
        this.$dispatch('split', this.value);
    },
});
