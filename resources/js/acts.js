import Modal from 'bootstrap/js/dist/modal';
import ask from './ask';

/** A button with data-do sends data-body there; the page around it hears "acted" with the answer, or why not. */
document.addEventListener('click', async (event) => {
    const button = event.target.closest('[data-do]');
    if (!button || button.disabled) return;
    const json = JSON.parse(button.dataset.body);
    const field = button.dataset.takes ? button.parentElement.querySelector('input, textarea') : null;
    if (field) json[button.dataset.takes] = field.value;
    button.disabled = true;
    let detail;
    try {
        detail = {
            answer: await ask(button.dataset.do, { method: button.dataset.method ?? 'POST', json }),
            row: button.closest('[data-of]')?.dataset.of,
        };
        if (field && field.value === json[button.dataset.takes]) field.value = '';
    } catch (problem) {
        detail = { problem: problem.message };
    }
    button.disabled = false;
    const from = button.isConnected ? button : document.querySelector('[x-data]');
    from.dispatchEvent(new CustomEvent('acted', { detail, bubbles: true }));
});

/** A button with data-opens shows the modal of that name. */
document.addEventListener('click', (event) => {
    const opener = event.target.closest('[data-opens]');
    if (opener) Modal.getOrCreateInstance(`#${opener.dataset.opens}`).show();
});

document.addEventListener('keydown', (event) => {
    if (event.key !== 'Enter' || !event.target.matches('[data-own]')) return;
    event.preventDefault();
    event.target.parentElement.querySelector('[data-do]').click();
});
