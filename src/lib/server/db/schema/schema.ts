/** All tables, for the client and the migrations. */
export { changes } from './changes.ts';
export { crews } from './crews.ts';
export { events } from './events.ts';
export { jobPeople } from './job-people.ts';
export { jobs } from './jobs.ts';
export { makerSheets } from './maker-sheets.ts';
export { milestones } from './milestones.ts';
export { people } from './people.ts';
export { runs } from './runs.ts';
export { shopParts } from './shop-parts.ts';
export { specimens } from './specimens.ts';
