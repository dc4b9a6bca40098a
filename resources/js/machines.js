import { page, renew } from './page';

/** The machines that make, as long as one of them is at something. */
export default (state, working) => ({
    ...page({ state }, { working }),
    everyMs: 2000,

    fresh({ rows, lead }) {
        renew(this.$refs.rows, rows);
        this.$refs.lead.textContent = lead;
    },
});
