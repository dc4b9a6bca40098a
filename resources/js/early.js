/**
 * What is done on a page before its script is there is kept, and done when it is: nothing that was chosen, typed or
 * pressed is shown and yet lost. Stands in the head, by itself, before all else; app.js asks for what was kept.
 */
(() => {
    const KINDS = ['input', 'change', 'click', 'submit', 'keydown', 'toggle'];
    const FIELDS = 'input, select, textarea';
    /** What does something by itself when it is pressed. */
    const OF_THE_BROWSER = `a[href], label, summary, button:not([type=button]), ${FIELDS}`;
    const kept = [];

    const isOurs = ({ type, target }) => {
        if (type === 'click') return !target.closest(OF_THE_BROWSER);
        if (type === 'submit') return !target.hasAttribute('action');
        return ['keydown', 'toggle'].includes(type) || target.matches(FIELDS);
    };

    const keep = (event) => {
        const { target } = event;
        if (!(target instanceof Element) || !isOurs(event)) return;
        if (event.type === 'submit') event.preventDefault();
        kept.push({ event, target, value: target.value, checked: target.checked });
    };

    /** As it was when it was done: what stands in a field may have been set as the page began. */
    const again = ({ event, target, value, checked }) => {
        if (!target.isConnected) return;
        if (event.type === 'submit') {
            target.requestSubmit();
            return;
        }
        if (['checkbox', 'radio'].includes(target.type)) target.checked = checked;
        else if (target.matches(FIELDS) && target.type !== 'file') target.value = value;
        target.dispatchEvent(new event.constructor(event.type, event));
    };

    for (const kind of KINDS) document.addEventListener(kind, keep, true);
    window.catchUp = () => {
        for (const kind of KINDS) document.removeEventListener(kind, keep, true);
        kept.splice(0).forEach(again);
    };
})();
