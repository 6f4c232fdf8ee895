import type { MarkRole, StrokeRole, TextRole } from './sink.ts';

/** How a shape looks on paper: one ink, two greys. Widths and dashes in sheet units. */
export interface PaperLook {
  readonly width: number;
  readonly dash: readonly number[];
  readonly fill: 'none' | 'ink' | 'paper';
  readonly tone: 'ink' | 'grey';
}

export const PAPER = '#ffffff';
export const TONES: Readonly<Record<PaperLook['tone'], string>> = { ink: '#111111', grey: '#5a5a5a' };

const look = (width: number, more: Partial<PaperLook> = {}): PaperLook => ({
  width,
  dash: [],
  fill: 'none',
  tone: 'ink',
  ...more,
});

/** Every manner of stroke and mark; materials are told apart by their line, never by colour alone. */
export const PAPER_LOOKS: Readonly<Record<StrokeRole | MarkRole, PaperLook>> = {
  pipe: look(3),
  'pipe-r': look(3, { dash: [14, 5] }),
  corrugated: look(6.5, { dash: [1.6, 2.6] }),
  copper: look(1.4),
  pressed: look(3, { dash: [16, 3.5, 3.5, 3.5] }),
  plastic: look(4.5, { dash: [8, 4] }),
  'made-up': look(6),
  face: look(2.2),
  cap: look(3),
  plug: look(3),
  union: look(2.2),
  valve: look(2, { fill: 'paper' }),
  flow: look(1.6),
  source: look(1.6, { fill: 'ink' }),
  construction: look(0.9, { dash: [2, 5], tone: 'grey' }),
  dimension: look(0.7, { tone: 'grey' }),
  appliance: look(1.6, { fill: 'paper' }),
  connector: look(1.8),
  fault: look(2.4, { fill: 'paper' }),
  zone: look(1.1, { tone: 'grey' }),
  transition: look(1.6, { fill: 'paper' }),
  node: look(0, { fill: 'ink' }),
  'open-end': look(2, { fill: 'paper' }),
  tag: look(0.9, { fill: 'paper', tone: 'grey' }),
  'no-fitting': look(3, { dash: [4, 5] }),
};

/** Marks stand over strokes, and both are drawn in this order. */
export const TEXT_LOOKS: Readonly<
  Record<TextRole, { readonly bold: boolean; readonly tone: PaperLook['tone'] }>
> = {
  measure: { bold: true, tone: 'ink' },
  tag: { bold: true, tone: 'ink' },
  size: { bold: false, tone: 'grey' },
  name: { bold: false, tone: 'grey' },
};
