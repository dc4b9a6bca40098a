import { page, renew } from './page';

/** What a machine is at, as long as it is: those that make, and the disk. */
export default (state, working) => ({
    ...page({ state }, { working }),
    everyMs: 2000,

    fresh({ rows, lead }) {
        renew(this.$refs.rows, rows);
        this.$refs.lead.textContent = lead;
    },
});
