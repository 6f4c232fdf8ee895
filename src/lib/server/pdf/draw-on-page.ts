import { type DrawnSheet, type Frame, PAPER_LOOKS, PAPER, TEXT_LOOKS, TONES } from '#core/drawing';

/** Lays a drawn line on a page, as large as its place lets it be; fonts `plain` and `bold` must be registered. */
export function drawOnPage(
  doc: PDFKit.PDFDocument,
  { shapes, frame, letter }: DrawnSheet,
  place: Frame,
): void {
  const scale = Math.min(place.width / frame.width, place.height / frame.height, 1);
  doc.save();
  doc.translate(
    place.x + (place.width - frame.width * scale) / 2,
    place.y + (place.height - frame.height * scale) / 2,
  );
  doc.scale(scale).translate(-frame.x, -frame.y).lineCap('round').lineJoin('round');
  for (const shape of shapes) {
    if (shape.kind === 'text') {
      const { bold, tone } = TEXT_LOOKS[shape.role];
      const size = shape.role === 'tag' ? letter * 0.9 : letter;
      doc.font(bold ? 'bold' : 'plain').fontSize(size);
      const width = doc.widthOfString(shape.text);
      doc.save().rotate(shape.turn, { origin: [shape.at.x, shape.at.y] });
      if (shape.role !== 'tag') {
        doc.rect(shape.at.x - width / 2 - 1.5, shape.at.y - size * 0.48, width + 3, size * 0.96).fill(PAPER);
      }
      doc.fillColor(TONES[tone]);
      doc.text(shape.text, shape.at.x - width / 2, shape.at.y - size * 0.6, { lineBreak: false });
      doc.restore();
      continue;
    }
    const { width, dash, fill, tone } = PAPER_LOOKS[shape.role];
    if (shape.kind === 'mark') doc.circle(shape.at.x, shape.at.y, shape.radius);
    else {
      const [first, ...rest] = shape.points;
      if (!first) continue;
      doc.moveTo(first.x, first.y);
      for (const point of rest) doc.lineTo(point.x, point.y);
    }
    if (dash.length > 0) doc.dash(dash[0]!, { space: dash[1]! });
    else doc.undash();
    const paint = fill === 'ink' ? TONES.ink : PAPER;
    doc.lineWidth(width);
    if (fill === 'none') doc.stroke(TONES[tone]);
    else if (width > 0) doc.fillAndStroke(paint, TONES[tone]);
    else doc.fill(paint);
  }
  doc.restore();
}
