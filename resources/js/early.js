/**
 * What is done on a page before its script is there is kept, and done when it is: nothing that was chosen, typed or
 * pressed is shown and yet lost. Stands in the head, by itself, before all else; app.js asks for what was kept.
 */
(() => {
    const KINDS = ['input', 'change', 'click', 'submit', 'keydown'];
    const kept = [];

    /** What the page's script does something at: links and forms of the server's do what they do by themselves. */
    const isOurs = (type, target) => {
        if (type === 'click') return target.matches('button[type=button]');
        if (type === 'submit') return !target.hasAttribute('action');
        return target.matches('input, select, textarea') !== (type === 'keydown');
    };

    const keep = (event) => {
        const target = event.type === 'click' ? event.target.closest?.('button') : event.target;
        if (!target?.matches || !isOurs(event.type, target)) return;
        if (event.type === 'submit') event.preventDefault();
        kept.push({ event, target, value: target.value, checked: target.checked });
    };

    /** As it was when it was done: what stands in a field may have been set as the page began. */
    const again = ({ event, target, value, checked }) => {
        if (!target.isConnected) return;
        if (event.type === 'click') return void target.click();
        if (event.type === 'submit') return void target.requestSubmit();
        if (event.type === 'keydown') return void target.dispatchEvent(new KeyboardEvent('keydown', event));
        if (['checkbox', 'radio'].includes(target.type)) target.checked = checked;
        else if (target.type !== 'file') target.value = value;
        target.dispatchEvent(new Event(event.type, { bubbles: true }));
    };

    for (const kind of KINDS) document.addEventListener(kind, keep, true);
    window.catchUp = () => {
        for (const kind of KINDS) document.removeEventListener(kind, keep, true);
        kept.splice(0).forEach(again);
    };
})();
