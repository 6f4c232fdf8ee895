import type { Vector } from '#core/geometry';

/** A port of a tee, as far as the gas cares: one of the two in line, or the one to the side. */
export type TeePort = 'run-a' | 'run-b' | 'branch';

/** How a tee is piped: by which port gas comes, by which it goes, which one is closed, and where each looks (unit vector, z up). */
export interface TeeUse {
  readonly inlet: { readonly port: TeePort; readonly way: Vector };
  readonly outlet: { readonly port: TeePort; readonly way: Vector };
  readonly cap: { readonly port: TeePort; readonly way: Vector };
}

/** What a tee does for grit, by its ports alone. */
export const TEE_VERDICTS = [
  'works',
  'turns-but-rises',
  'straight-through',
  'upside-down',
  'level-nipple',
] as const;
export type TeeVerdict = (typeof TEE_VERDICTS)[number];

/** Within some three degrees of upright: more than a drop is ever out of plumb by drawing. */
const UPRIGHT = 0.9986;
/** Whether a way (unit vector) goes straight down, within some three degrees. */
export const looksDown = ({ z }: Vector): boolean => z < -UPRIGHT;
/** Whether a way rises at all. */
export const looksUp = ({ z }: Vector): boolean => z > 1e-6;

const isRun = (port: TeePort): boolean => port !== 'branch';

/**
 * What becomes of grit in a tee. It works only because the gas turns: it comes down into the run, the capped nipple hangs straight on
 * below, and the gas leaves sideways by the branch. In and out both on the run does nothing, whatever hangs where. By the branch in and out
 * by the top turns the gas but lifts it, and is asked. Every way to pipe a tee has exactly one of these.
 */
export function judgeTee({ inlet, outlet, cap }: TeeUse): TeeVerdict {
  if (isRun(inlet.port) && isRun(outlet.port)) return 'straight-through';
  if (looksUp(cap.way)) return 'upside-down';
  if (!looksDown(cap.way)) return 'level-nipple';
  return isRun(inlet.port) ? 'works' : 'turns-but-rises';
}

const AXES: readonly Vector[] = [
  { x: 1, y: 0, z: 0 },
  { x: -1, y: 0, z: 0 },
  { x: 0, y: 1, z: 0 },
  { x: 0, y: -1, z: 0 },
  { x: 0, y: 0, z: 1 },
  { x: 0, y: 0, z: -1 },
];

/** Every way to pipe a tee square: each branch, each run square to it, each port the inlet, the outlet and the cap: 72. */
export function listTeeUses(): TeeUse[] {
  const roles = [
    ['run-a', 'run-b', 'branch'],
    ['run-b', 'run-a', 'branch'],
    ['run-a', 'branch', 'run-b'],
    ['run-b', 'branch', 'run-a'],
    ['branch', 'run-a', 'run-b'],
    ['branch', 'run-b', 'run-a'],
  ] as const;
  return AXES.flatMap((branch) =>
    AXES.filter(
      (run) => run.x + run.y + run.z > 0 && run.x * branch.x + run.y * branch.y + run.z * branch.z === 0,
    ).flatMap((run) => {
      const ways: Readonly<Record<TeePort, Vector>> = {
        'run-a': run,
        'run-b': { x: 0 - run.x, y: 0 - run.y, z: 0 - run.z },
        branch,
      };
      const at = (port: TeePort) => ({ port, way: ways[port] });
      return roles.map(([inlet, outlet, cap]): TeeUse => ({
        inlet: at(inlet),
        outlet: at(outlet),
        cap: at(cap),
      }));
    }),
  );
}
