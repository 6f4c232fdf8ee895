import { drag, type D3DragEvent } from 'd3-drag';
import { select } from 'd3-selection';
import { MILLIMETRE, type Length } from '#core/units';
import type { TapeView } from './tape-view.svelte.ts';

type Dragged = D3DragEvent<SVGGElement, unknown, unknown>;

interface Hand {
  /** Takes hold; gives where the mark is, nm from the near centre. */
  readonly hold: () => Length;
  readonly drag: (to: Length) => void;
  /** Let go after it was moved. */
  readonly drop: () => void;
  /** Let go, moved or not. */
  readonly end: () => void;
}

/** Lets a handle be dragged along the tape, as the tape stood when it was taken hold of; a small tremor moves nothing. */
export const attachMarkDrag =
  (view: TapeView, hand: Hand) =>
  (element: SVGGElement): (() => void) => {
    let [start, from, hasMoved] = [0, 0, false];
    const behaviour = drag<SVGGElement, unknown>()
      .clickDistance(3)
      .container(() => view.element!)
      .on('start', ({ x }: Dragged) => {
        [start, from, hasMoved] = [x, hand.hold(), false];
        element.focus({ preventScroll: true });
      })
      .on('drag', ({ x }: Dragged) => {
        if (!hasMoved && Math.abs(x - start) < 2) return;
        hasMoved = true;
        hand.drag(from + ((x - start) / view.scale) * MILLIMETRE);
      })
      .on('end', () => {
        if (hasMoved) {
          view.keepShift();
          hand.drop();
        }
        hand.end();
      });
    select(element).call(behaviour);
    return () => select(element).on('.drag', null);
  };
