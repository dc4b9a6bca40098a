/** A rule for splitting, chosen from the usual ones or with numbers of one's own. Tells the form around it. */
export default (rule) => ({
    kind: rule,
    from: 8,
    to: 16,
    seconds: 3,

    init() {
        this.$watch('rule', (now) => this.$dispatch('split', now));
    },

    get rule() {
        if (this.kind === 'own-words') return `words:${this.from}-${this.to}`;
        if (this.kind === 'own-seconds') return `seconds:${this.seconds}`;
        return this.kind;
    },
});
