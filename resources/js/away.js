import ask from './ask';

/** Leads to another host, once the server has said where: to sign in there, and come back. */
export default (url) => ({
    problem: '',

    async go() {
        try {
            const { address } = await ask(url, { method: 'POST', json: {} });
            window.location.href = address;
        } catch (problem) {
            this.problem = problem.message;
        }
    },
});
