import type { ChangeLabel, CommandName } from '#core/runs/changes';

/** Why nothing can be undone, or done again: what this device did since the run was opened here is all that turns back by a press. */
export const NOTHING_TO_TURN = {
  undo: 'Undo is of this device’s doing since the run was opened here, and nothing of it is left. The rest through History.',
  redo: 'Nothing was undone here that could be done again. Earlier states are in History.',
} as const;

const DID: Readonly<Record<CommandName, (leg: number | null) => string>> = {
  'add-leg': (leg) => `leg ${leg} added`,
  'insert-leg': (leg) => `leg ${leg} put in between`,
  'take-out-leg': (leg) => `leg ${leg} taken out, the gap closed`,
  'move-leg': (leg) => `leg ${leg} moved to another point`,
  'redirect-leg': (leg) => `leg ${leg} given another way`,
  'branch-here': (leg) => `leg ${leg} parted for a fitting`,
  'put-part': (leg) => `a part put into leg ${leg}`,
  'take-out-part': (leg) => `a part taken out of leg ${leg}`,
  'choose-part': (leg) => `another part chosen at leg ${leg}`,
  'set-bend': (leg) => `the bend after leg ${leg} given a radius`,
  'measure-part': () => 'a part measured',
  'use-maker': () => 'whose parts are used',
  'pick-transition': (leg) => `a transition put in at leg ${leg}`,
  'take-out-transition': (leg) => `the transition at leg ${leg} taken out`,
  'bush-down': (leg) => `bushings put in at leg ${leg}`,
  'add-measure': () => 'a measure added',
  'refer-measure': () => 'a measure taken from other points',
  'remove-measure': () => 'a measure struck out',
  'change-measure': (leg) => `leg ${leg} measured again`,
  'resize-legs': (leg) => (leg === null ? 'all legs made otherwise' : `leg ${leg} made otherwise`),
  'remove-legs': (leg) => `leg ${leg} removed with what hung on it`,
  'close-end': (leg) => `end of leg ${leg} closed or opened`,
  'switch-legs': (leg) => (leg === null ? 'legs of another material' : `leg ${leg} of another material`),
  'say-zone': (leg) => (leg === null ? 'where legs run said' : `where leg ${leg} runs said`),
  'say-cover': () => 'cover said',
  'say-bearing': (leg) => `bearing of leg ${leg} said`,
  'say-print': () => 'print line read',
  'say-fished': (leg) => `leg ${leg}: fished or not`,
  'put-passage': (leg) => `what leg ${leg} passes said`,
  'take-out-passage': (leg) => `what leg ${leg} passes taken back`,
  'build-trap': (leg) => `a sediment trap built in at leg ${leg}`,
  'put-right': (leg) => `the trap at leg ${leg} put right`,
  'choose-rule': () => 'house rule chosen',
  'clock-joint': (leg) => `a joint of leg ${leg} clocked, or no longer`,
  'copy-run': () => 'run copied from another',
  'write-run': () => 'run written in shorthand',
  'go-back': () => 'gone back to an earlier state',
};

/** What a change did, as one would say it. */
export function sayChange({ command, leg, turn }: ChangeLabel): string {
  const did = DID[command](leg);
  if (turn === 'undo') return `taken back: ${did}`;
  return turn === 'redo' ? `done again: ${did}` : did;
}
