const all = (body) => [...body.querySelectorAll('tr[data-id]')];

export const shownRows = (body) => all(body).filter((row) => !row.hidden);

/** Rows from the one with an id to another, both with them. */
export function around(body, id, to) {
    const rows = shownRows(body);
    const [a, b] = [rows.findIndex((row) => row.dataset.id === id), rows.indexOf(to)];
    return a < 0 ? [to] : rows.slice(Math.min(a, b), Math.max(a, b) + 1);
}

/** Puts rows in order and hides those not asked for; an opened part stays under its row. Tells how many are shown. */
export function arranged(body, { by, down, show, words }) {
    const opened = new Map([...body.querySelectorAll('tr[data-of]')].map((row) => [row.dataset.of, row]));
    const text = ['title', 'state'].includes(by);
    const rows = all(body);
    const sorted = [...rows].sort(
        (a, b) =>
            (down ? -1 : 1) * (text ? a.dataset[by].localeCompare(b.dataset[by]) : a.dataset[by] - b.dataset[by]) ||
            a.dataset.number - b.dataset.number,
    );
    if (sorted.some((row, i) => row !== rows[i])) {
        const focused = document.activeElement;
        body.append(
            ...sorted.flatMap(row => [row, ...(opened.has(row.dataset.id) ? [opened.get(row.dataset.id)] : [])]),
        );
        if (body.contains(focused)) focused.focus();
    }
    for (const row of sorted) {
        row.hidden = !(
            (!show || row.dataset.groups.split(' ').includes(show)) &&
            (!words || row.dataset.title.includes(words))
        );
        if (opened.has(row.dataset.id)) opened.get(row.dataset.id).hidden = row.hidden;
    }
    return shownRows(body).length;
}
