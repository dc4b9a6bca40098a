// What another parser finds in an iCalendar file: node calendar.mjs FILE prints its events.
import ICAL from 'ical.js';
import { readFileSync } from 'node:fs';

const calendar = new ICAL.Component(ICAL.parse(readFileSync(process.argv[2], 'utf8')));
console.log(JSON.stringify(calendar.getAllSubcomponents('vevent').map((one) => {
    const event = new ICAL.Event(one);
    return {
        uid: event.uid, summary: event.summary, start: event.startDate.toJSDate().toISOString(),
        description: event.description, stamp: one.getFirstPropertyValue('dtstamp') !== null,
    };
})));
