const shown = new WeakMap();

/** Puts fresh markup in place if it is another one, and never under a button that is being pressed. */
export default function renew(element, html) {
    if (shown.get(element) === html || element.matches(':active')) return;
    shown.set(element, html);
    const focused = element.contains(document.activeElement) ? document.activeElement.id : '';
    element.innerHTML = html;
    if (focused) document.getElementById(focused)?.focus();
}
