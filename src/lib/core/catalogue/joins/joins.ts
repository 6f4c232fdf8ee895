import type { SocketKind } from '#core/ends';
import type { TubeJoin } from '../part.ts';
import { brazed } from './brazed.ts';
import { capillary } from './capillary.ts';
import { compression } from './compression.ts';
import { csstFitting } from './csst.ts';
import { flare } from './flare.ts';
import { fusion } from './fusion.ts';
import type { Join } from './join.ts';
import { pressCopper } from './press-copper.ts';
import { pressSteel } from './press-steel.ts';
import { stab } from './stab.ts';

const ROWS = {
  flare,
  compression,
  capillary,
  brazed,
  'press-copper': pressCopper,
  'press-steel': pressSteel,
  csst: csstFitting,
  stab,
  fusion,
} as const satisfies Readonly<Record<TubeJoin, Join>>;

/** Every way of joining tube, each from its file. */
export const JOINS: Readonly<Record<TubeJoin, Join>> = ROWS;

type RowSocket = NonNullable<(typeof ROWS)[TubeJoin]['socket']>;
/** A socket that is made for tube: the joint it makes, and the rest of its row. */
export type TubeSocket = RowSocket & { readonly tube: Join['tube'] };

const SOCKETS = new Map<SocketKind, TubeSocket>(
  Object.values(ROWS).flatMap(({ socket, tube }): [SocketKind, TubeSocket][] =>
    socket ? [[socket.how, { ...socket, tube }]] : [],
  ),
);

/** What is known of a kind of socket, by the way of joining it is for. */
export const getTubeSocket = (how: SocketKind): TubeSocket => SOCKETS.get(how)!;
