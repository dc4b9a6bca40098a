import Modal from 'bootstrap/js/dist/modal';

/** Keys that work where nothing is being typed: an element with data-key is clicked by that key, ? shows them all. */
document.addEventListener('keydown', (event) => {
    const typing = event.target.closest('input:not([type=checkbox]), textarea, select, [contenteditable]');
    if (typing || event.ctrlKey || event.metaKey || event.altKey || document.querySelector('.modal.show')) return;
    if (event.key === '?') {
        event.preventDefault();
        Modal.getOrCreateInstance('#keys').show();
        return;
    }
    const target = [...document.querySelectorAll('[data-key]')].find(
        element => element.dataset.key === event.key.toLowerCase() && !element.disabled
            && !element.closest('details:not([open]) > :not(summary)'),
    );
    if (target) {
        event.preventDefault();
        const isTypedIn = target.matches('input:not([type=checkbox]), textarea');
        // What is done by a key is done where one is: a long page keeps its place.
        target.focus({ preventScroll: !isTypedIn });
        if (!isTypedIn) target.click();
    }
});

// Help is at hand wherever one is, while typing too.
document.addEventListener('keydown', (event) => {
    const help = document.querySelector('[data-help]');
    if (event.key !== 'F1' || !help) return;
    event.preventDefault();
    window.open(help.href, 'rapid-reel-help');
});

document.addEventListener('show.bs.modal', (event) => {
    if (event.target.id !== 'keys') return;
    const list = event.target.querySelector('dl');
    list.replaceChildren(...[...document.querySelectorAll('[data-key], [data-key-note]')].flatMap((element) => {
        const key = document.createElement('dt');
        for (const one of (element.dataset.keyNote ?? element.dataset.key).split(' ')) {
            key.append(Object.assign(document.createElement('kbd'), { textContent: one }), ' ');
        }
        const what = document.createElement('dd');
        what.textContent = element.dataset.keyDoes ?? element.textContent.trim();
        return [key, what];
    }));
});
