import type { Pipe, TubeList } from '#core/catalogue';
import { inches, MILLIMETRE, type Length } from '#core/units';
import {
  PIPE_KIND_LIST,
  type PipeLook,
  type PipeLooks,
  type PipeKind,
  type PipeKindId,
} from './pipe-kinds.ts';

/** A kind of pipe with the looks that speak for it and against it. */
export interface RankedPipe {
  readonly kind: PipeKind;
  readonly for: readonly PipeLook[];
  readonly against: readonly PipeLook[];
}

/** Ranks kinds of pipe by what was seen: fewest looks against first, then most for. Nothing seen: all alike. */
export function rankPipeKinds(looks: PipeLooks): RankedPipe[] {
  const seen = Object.entries(looks) as [PipeLook, string][];
  return PIPE_KIND_LIST.map((kind) => {
    const named = seen.filter(([look]) => kind.looks[look] !== undefined);
    const agrees = ([look, value]: [PipeLook, string]) =>
      (kind.looks[look] as readonly string[] | undefined)?.includes(value) ?? false;
    return {
      kind,
      for: named.filter(agrees).map(([look]) => look),
      against: named.filter((each) => !agrees(each)).map(([look]) => look),
    };
  }).toSorted((a, b) => a.against.length - b.against.length || b.for.length - a.for.length);
}

/**
 * Kinds that nothing speaks against, as long as they explain nearly as much as the best of them. Empty when something
 * speaks against every one: none of these.
 */
export function findPipeKinds(looks: PipeLooks): RankedPipe[] {
  const possible = rankPipeKinds(looks).filter(({ against }) => against.length === 0);
  const most = possible[0]?.for.length ?? 0;
  return possible.filter((each) => each.for.length >= most - 1);
}

/** A size that an outside diameter may be, as its material names it; `off` is measured minus listed, nm. */
export interface PipeSizeMatch {
  readonly name: string;
  readonly detail: string;
  readonly outside: Length;
  readonly off: Length;
}

/** A caliper over pipe: how far off a size may measure, nm. Steel is rolled less closely than tube is drawn. */
const CLOSE: Partial<Record<PipeKindId, Length>> = {
  'black-iron': 0.5 * MILLIMETRE,
  galvanised: 0.6 * MILLIMETRE,
  copper: 0.12 * MILLIMETRE,
  polyethylene: 0.3 * MILLIMETRE,
};

/** The sizes of a material that an outside diameter (nm) may be, the nearest first; empty where none is near. */
export function findPipeSizes(
  kind: PipeKindId,
  measured: Length,
  pipes: readonly Pipe[],
  tubes: TubeList,
): PipeSizeMatch[] {
  const close = CLOSE[kind] ?? 0;
  const match = (name: string, detail: string, outside: Length): PipeSizeMatch[] =>
    Math.abs(measured - outside) <= close ? [{ name, detail, outside, off: measured - outside }] : [];
  const found = (() => {
    switch (kind) {
      case 'black-iron':
      case 'galvanised':
        return pipes.flatMap(({ size, outside }) => match(size, 'nominal', outside));
      case 'copper':
        return tubes.copper.flatMap(({ type, name, outside, wall, unit }) =>
          match(
            name,
            `${type}, wall ${wall} ${unit}`,
            unit === 'mm' ? Math.round(outside * MILLIMETRE) : inches(outside),
          ),
        );
      case 'polyethylene':
        return tubes.polyethylene
          .filter(
            (row, i, rows) =>
              rows.findIndex((each) => each.size === row.size && each.system === row.system) === i,
          )
          .flatMap(({ size, system, outside }) => match(`${size} ${system}`, system, inches(outside)));
      case 'csst':
        return tubes.csst.flatMap(({ size, ehd, overJacketLow, overJacketHigh }) => {
          const [low, high] = [inches(overJacketLow), inches(overJacketHigh)];
          const middle = Math.round((low + high) / 2);
          return measured >= low && measured <= high
            ? [{ name: size, detail: `EHD ${ehd}`, outside: middle, off: measured - middle }]
            : [];
        });
      default:
        return [];
    }
  })();
  return found.toSorted((a, b) => Math.abs(a.off) - Math.abs(b.off));
}
