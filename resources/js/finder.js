/** Fields that find settings by their words, wherever settings stand. */
function find(field) {
    const place = field.closest('[data-found-in]');
    const words = field.value.trim().toLowerCase().split(/\s+/).filter(Boolean);
    let some = false;
    for (const one of place.querySelectorAll('[data-words]')) {
        one.hidden = !words.every((word) => one.dataset.words.includes(word));
        some ||= !one.hidden;
    }
    for (const part of place.querySelectorAll('[data-section], [data-rare]')) {
        const all = [...part.querySelectorAll('[data-words]')];
        const has = all.some((one) => !one.hidden);
        part.hidden = words.length > 0 && !has;
        // What is folded opens for what is found in it, and closes again.
        if (!part.matches('[data-rare]')) continue;
        if (words.length > 0 && has && !part.open) {
            part.open = true;
            part.dataset.foundOpen = '';
        } else if (words.length === 0 && 'foundOpen' in part.dataset) {
            part.open = false;
            delete part.dataset.foundOpen;
        }
    }
    place.classList.toggle('is-finding', words.length > 0);
    const nothing = place.querySelector('[data-found-nothing]');
    if (nothing) nothing.hidden = words.length === 0 || some;
}

document.addEventListener('input', (event) => {
    if (event.target.matches?.('[data-finds]')) find(event.target);
});
document.addEventListener('keydown', (event) => {
    if (event.key !== 'Escape' || !event.target.matches?.('[data-finds]') || event.target.value === '') return;
    event.stopPropagation();
    event.target.value = '';
    find(event.target);
}, true);
// Fresh markup knows nothing of what is being looked for.
document.addEventListener('renewed', () => {
    for (const field of document.querySelectorAll('[data-finds]')) if (field.value !== '') find(field);
});
// A bare number in a field of seconds is one of seconds: the server is told so.
document.addEventListener('change', (event) => {
    const field = event.target;
    if (field.matches?.('[data-unit]') && /^\s*[0-9]*[.,]?[0-9]+\s*$/.test(field.value)) {
        field.value = `${field.value.trim()} ${field.dataset.unit}`;
    }
}, true);
