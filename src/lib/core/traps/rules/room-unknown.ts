import { trapRule } from './trap-rule.ts';

/** How much room there is under the cap was not measured. */
export const roomUnknown = trapRule({
  code: 'room-unknown',
  severity: 'note',
  find: ({ appliance }) => (appliance.plate.floor === null ? { code: 'room-unknown' } : null),
});
