import { looksDown } from '../tee-use.ts';
import { trapRule } from './trap-rule.ts';

/** Gas that goes straight on carries its grit on, whatever hangs where. A shop that tolerates it is told so all the same. */
export const straightThrough = trapRule({
  code: 'straight-through',
  severity: 'stop',
  find: ({ trap: { verdict, use }, layout: { rules } }) =>
    verdict === 'straight-through' && use
      ? {
          code: 'straight-through',
          hangs: looksDown(use.cap.way),
          tolerated: rules['straight-trap'].option === 'tolerated',
        }
      : null,
});
