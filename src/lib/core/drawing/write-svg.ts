import type { RunLayout } from '#core/runs/layout';
import type { LengthUnit } from '#core/units';
import { drawSheet, type DrawnSheet } from './draw-sheet.ts';
import { PAPER_LOOKS, PAPER, TEXT_LOOKS, TONES } from './paper-look.ts';
import type { InkShape } from './sink.ts';

const SIZE = { width: 1100, height: 780 };
const MARGIN = 14;
const escape = (text: string): string =>
  text.replace(/[&<>"']/g, (sign) => `&#${sign.charCodeAt(0)};`).replace(/[^\P{Cc}\n]/gu, ' ');
const at = (value: number): string => value.toFixed(2);

/** The line as an SVG file that stands alone: no script, no outside font, the words of `title` and `says` inside it. */
export function writeSvg(layout: RunLayout, unit: LengthUnit, title: string, says: string): string {
  const sheet = drawSheet(layout, unit, SIZE);
  const { x, y, width, height } = sheet?.frame ?? { x: 0, y: 0, width: 100, height: 40 };
  const box = [x - MARGIN, y - MARGIN, width + 2 * MARGIN, height + 2 * MARGIN].map(at);
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${box.join(' ')}" width="${box[2]}" height="${box[3]}" font-family="Barlow, Arial, sans-serif" stroke-linecap="round" stroke-linejoin="round">`,
    `<title>${escape(title)}</title>`,
    `<desc>${escape(says)}</desc>`,
    `<rect x="${box[0]}" y="${box[1]}" width="${box[2]}" height="${box[3]}" fill="${PAPER}"/>`,
    ...(sheet ? sheet.shapes.map((shape) => writeShape(shape, sheet)) : []),
    '</svg>\n',
  ].join('\n');
}

function writeShape(shape: InkShape, { letter }: DrawnSheet): string {
  const subject = ` data-subject="${escape(shape.subject)}"`;
  if (shape.kind === 'text') {
    const { bold, tone } = TEXT_LOOKS[shape.role];
    const size = shape.role === 'tag' ? letter * 0.9 : letter;
    const turn =
      shape.turn === 0 ? '' : ` transform="rotate(${at(shape.turn)} ${at(shape.at.x)} ${at(shape.at.y)})"`;
    const halo = shape.role === 'tag' ? '' : ` stroke="${PAPER}" stroke-width="4" paint-order="stroke"`;
    return `<text x="${at(shape.at.x)}" y="${at(shape.at.y)}" dy="0.35em" text-anchor="middle" font-size="${at(size)}" font-weight="${bold ? 600 : 400}" fill="${TONES[tone]}"${halo}${turn}${subject}>${escape(shape.text)}</text>`;
  }
  const { width, dash, fill, tone } = PAPER_LOOKS[shape.role];
  const paint = { none: 'none', ink: TONES.ink, paper: PAPER }[fill];
  const dashes = dash.length > 0 ? ` stroke-dasharray="${dash.join(' ')}"` : '';
  const line = width > 0 ? ` stroke="${TONES[tone]}" stroke-width="${width}"${dashes}` : '';
  if (shape.kind === 'mark') {
    return `<circle cx="${at(shape.at.x)}" cy="${at(shape.at.y)}" r="${at(shape.radius)}" fill="${paint}"${line}${subject}/>`;
  }
  const points = shape.points.map((point) => `${at(point.x)},${at(point.y)}`).join(' ');
  return `<polyline points="${points}" fill="${paint}"${line}${subject}/>`;
}
