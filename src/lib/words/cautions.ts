/** Said once per job and on every printed sheet. */
export const JOB_CAUTION = {
  title: 'Before you start',
  says: 'Porthole helps a competent fitter; it replaces nobody. Local code, the gas supplier and the maker’s instructions come first, and gas work is for those licensed to do it. Where Porthole says ask, stop and ask.',
} as const;

/** What to do when gas is smelt. One tap away on every screen. */
export const SMELL_OF_GAS = {
  title: 'Smell of gas',
  steps: [
    'Leave now and take everyone with you. Leave doors open behind you.',
    'No switches, no flames, no phones, no engines: a spark is enough.',
    'Call the gas emergency line or the fire service from outside, well away.',
    'Shut the gas off only if the valve is outside or on your way out.',
    'Do not go back in until they say it is safe.',
  ],
  lp: 'LP gas is heavier than air: it lies in cellars, pits and low corners. Keep away from them.',
} as const;

/** Short cautions shown where the danger is. */
export const CAUTIONS = {
  threads: 'Threads and swarf cut: eye protection, gloves for fresh threads, hands out of the jaws.',
  wrench:
    'Snug, not brute force: no cheater on cast fittings. A taper joint only goes tighter, never back it off.',
  tube: 'Cut edges of tube are sharp: eye protection, gloves, deburr with the end down. No cheater on a nut; a split flare or a kink is cut off, never forced.',
  heat: 'Heat burns and sets fire: never on a line that holds gas. Isolate it, purge it outside, test for gas, put a heat mat behind and an extinguisher at hand, and watch the place afterwards.',
  openEnd: 'Cap every open end before gas comes, even behind a shut valve.',
  unscrew:
    'Unscrew nothing to measure it until the line is isolated and tested for gas, with no ignition near; cap what stays open.',
  liveLine: 'Work on a live line: isolate it, test for gas, no ignition near.',
} as const;
