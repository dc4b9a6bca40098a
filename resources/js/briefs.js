import ask from './ask';

/** What scenes should show, typed into a table. The briefs are written anew by the server. */
export default () => ({
    problem: '',

    async save(field) {
        if (field.value.trim() === field.defaultValue.trim()) return;
        try {
            await ask(field.dataset.url, { method: 'PUT', json: { text: field.value } });
            field.defaultValue = field.value;
            location.reload();
        } catch (problem) {
            this.problem = problem.message;
        }
    },
});
