import type { Point } from '#core/geometry';

/** What a stroke stands for; whoever shows it decides how it looks. */
export type StrokeRole =
  | 'pipe' | 'pipe-r' | 'made-up' | 'face' | 'cap' | 'plug' | 'union' | 'valve' | 'flow' | 'source' | 'construction'
  | 'dimension' | 'appliance' | 'connector' | 'fault' | 'corrugated' | 'copper' | 'pressed' | 'plastic' | 'zone' | 'transition'; // prettier-ignore
export type MarkRole = 'node' | 'open-end' | 'tag' | 'no-fitting';
export type TextRole = 'measure' | 'tag' | 'size' | 'name';

/** Where drawing goes: the screen, a sheet, a file, or a test. Coordinates in sheet units, y down. */
export interface Sink {
  stroke(role: StrokeRole, points: readonly Point[], subject: string): void;
  mark(role: MarkRole, at: Point, radius: number, subject: string): void;
  /** Text round its middle, turned by degrees clockwise. */
  text(role: TextRole, at: Point, turn: number, text: string, subject: string): void;
}

export interface StrokeShape {
  readonly kind: 'stroke';
  readonly role: StrokeRole;
  readonly points: readonly Point[];
  readonly subject: string;
}
export interface MarkShape {
  readonly kind: 'mark';
  readonly role: MarkRole;
  readonly at: Point;
  readonly radius: number;
  readonly subject: string;
}
export interface TextShape {
  readonly kind: 'text';
  readonly role: TextRole;
  readonly at: Point;
  readonly turn: number;
  readonly text: string;
  readonly subject: string;
}
export type InkShape = StrokeShape | MarkShape | TextShape;

/** A sink that keeps what is drawn as a list of shapes, in the order in which it was drawn. */
export function makeRecordingSink(): Sink & { readonly shapes: InkShape[] } {
  const shapes: InkShape[] = [];
  return {
    shapes,
    stroke: (role, points, subject) => shapes.push({ kind: 'stroke', role, points, subject }),
    mark: (role, at, radius, subject) => shapes.push({ kind: 'mark', role, at, radius, subject }),
    text: (role, at, turn, text, subject) => shapes.push({ kind: 'text', role, at, turn, text, subject }),
  };
}
