import type { ChangeLabel, CommandName } from '#core/runs/change.ts';

const DID: Readonly<Record<CommandName, (leg: number | null) => string>> = {
  'add-leg': (leg) => `leg ${leg} added`,
  'change-measure': (leg) => `leg ${leg} measured again`,
  'resize-legs': (leg) => (leg === null ? 'all legs given another size' : `leg ${leg} given another size`),
  'remove-legs': (leg) => `leg ${leg} removed with what hung on it`,
  'close-end': (leg) => `end of leg ${leg} closed or opened`,
  'choose-rule': () => 'house rule chosen',
  'copy-run': () => 'run copied from another',
};

/** What a change did, as one would say it. */
export function sayChange({ command, leg, turn }: ChangeLabel): string {
  const did = DID[command](leg);
  if (turn === 'undo') return `taken back: ${did}`;
  return turn === 'redo' ? `done again: ${did}` : did;
}
