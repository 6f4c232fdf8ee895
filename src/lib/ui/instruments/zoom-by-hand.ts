import { select } from 'd3-selection';
import { zoom, zoomIdentity } from 'd3-zoom';
import type { PaperTransform } from './paper-transform.ts';

/** A paper that is moved and zoomed by wheel, by drag and by two fingers. */
export interface HandOnPaper {
  /** Lays it so, as if by hand. */
  lay(to: PaperTransform): void;
  letGo(): void;
}

/** Takes a paper in hand as it lies; `onmove` is told where it lies, and whether a hand did it. */
export function takeInHand(
  element: SVGSVGElement,
  lies: PaperTransform,
  [smallest, largest]: readonly [number, number],
  onmove: (to: PaperTransform, isByHand: boolean) => void,
): HandOnPaper {
  const zoomer = zoom<SVGSVGElement, unknown>().scaleExtent([smallest, largest]);
  const at = select(element).call(zoomer).on('dblclick.zoom', null);
  const lay = ({ k, x, y }: PaperTransform): void => {
    zoomer.transform(at, zoomIdentity.translate(x, y).scale(k));
  };
  lay(lies);
  zoomer.on(
    'zoom',
    ({ transform, sourceEvent }: { transform: PaperTransform; sourceEvent: Event | null }) => {
      const { k, x, y } = transform;
      onmove({ k, x, y }, sourceEvent !== null);
    },
  );
  return { lay, letGo: () => void at.on('.zoom', null) };
}
