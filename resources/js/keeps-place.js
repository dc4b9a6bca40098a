/** A page that comes again after something was done on it stands where it stood. */
const key = () => `place ${location.pathname}`;

document.addEventListener('submit', (event) => {
    if (event.target.method === 'get' || window.scrollY < 40) return;
    sessionStorage.setItem(key(), JSON.stringify({ y: window.scrollY, at: Date.now() }));
});

const kept = JSON.parse(sessionStorage.getItem(key()) ?? 'null');
sessionStorage.removeItem(key());
if (kept && !location.hash && Date.now() - kept.at < 30_000) {
    // Once all that is above has its height.
    const back = () => window.scrollTo({ top: kept.y, behavior: 'instant' });
    back();
    window.addEventListener('load', back, { once: true });
}
