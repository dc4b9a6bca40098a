// Which moment a clock on the wall means, by luxon and the zone database of Node.js: reads a JSON list of
// [zone, local] pairs, prints a list of ISO moments. An hour that comes twice is its first; one that is left out is as
// long after the change as it would have been (RFC 5545, section 3.3.5).
import { DateTime, IANAZone } from 'luxon';
import { readFileSync } from 'node:fs';

const day = 24 * 3600_000;
console.log(JSON.stringify(JSON.parse(readFileSync(0, 'utf8')).map(([name, local]) => {
    const zone = IANAZone.create(name);
    const wall = DateTime.fromFormat(local, 'yyyy-MM-dd HH:mm', { zone: 'utc' }).toMillis();
    const before = zone.offset(wall - day) * 60_000;
    const after = zone.offset(wall + day) * 60_000;
    const meant = [wall - before, wall - after].filter((moment) => (
        DateTime.fromMillis(moment, { zone }).toFormat('yyyy-MM-dd HH:mm') === local
    ));
    return new Date(meant.length ? Math.min(...meant) : wall - before).toISOString();
})));
