import { jsPDF } from 'jspdf';
import type { Card, CardItem } from '../core';

/** Points a millimetre, as PDF counts. */
const PT_PER_MM = 72 / 25.4;

interface PathStep {
  op: 'm' | 'l' | 'c' | 'h';
  c: number[];
}

/** Path data of our own drawings: moves, lines, curves and closings in absolute millimetres. */
export function pathSteps(d: string, dx: number, dy: number): PathStep[] {
  const steps: PathStep[] = [];
  for (const [, command = '', rest = ''] of d.matchAll(/([MLCZ])([^MLCZ]*)/g)) {
    if (command === 'Z') {
      steps.push({ op: 'h', c: [] });
      continue;
    }
    const numbers = (rest.match(/-?\d+(?:\.\d+)?(?:e-?\d+)?/g) ?? []).map(
      (word, at) => Number(word) + (at % 2 === 0 ? dx : dy),
    );
    const size = command === 'C' ? 6 : 2;
    for (let at = 0; at + size <= numbers.length; at += size) {
      const op = command === 'C' ? 'c' : command === 'M' && at === 0 ? 'm' : 'l';
      steps.push({ op, c: numbers.slice(at, at + size) });
    }
  }
  return steps;
}

function draw(doc: jsPDF, item: CardItem, dx: number, dy: number): void {
  if (item.kind === 'group') {
    const { window } = item;
    if (window) {
      doc.saveGraphicsState();
      doc.rect(window.x + dx, window.y + dy, window.width, window.height, null);
      doc.clip();
      doc.discardPath();
    }
    for (const one of item.items) draw(doc, one, dx + item.dx, dy + item.dy);
    if (window) doc.restoreGraphicsState();
    return;
  }
  if (item.kind === 'text') {
    const align = { start: 'left', middle: 'center', end: 'right' } as const;
    doc.setFont('helvetica', item.bold ? 'bold' : 'normal');
    doc.setFontSize(item.sizeMm * PT_PER_MM);
    doc.setTextColor(item.colour ?? '#231c17');
    doc.text(item.text, item.x + dx, item.y + dy, { align: align[item.anchor ?? 'start'] });
    return;
  }
  const { strokeMm, stroke, fill, dashMm } = item;
  if (fill) doc.setFillColor(fill);
  if (stroke) doc.setDrawColor(stroke);
  if (strokeMm !== undefined) doc.setLineWidth(strokeMm);
  doc.setLineDashPattern(dashMm ? [...dashMm] : [], 0);
  doc.path(pathSteps(item.d, dx, dy));
  if (fill && stroke) doc.fillStroke();
  else if (fill) doc.fill();
  else doc.stroke();
}

/**
 * A card as PDF at true size; printers are told not to scale it.
 * @returns the bytes of the file
 */
export function cardPdf({ title, pages }: Card): Uint8Array {
  const { widthMm, heightMm } = pages[0]!;
  const format = [widthMm, heightMm];
  const doc = new jsPDF({ unit: 'mm', format, orientation: 'portrait', compress: true });
  doc.setProperties({ title, creator: 'Pandero' });
  doc.viewerPreferences({ PrintScaling: 'None' });
  pages.forEach(({ items }, at) => {
    if (at > 0) doc.addPage(format, 'portrait');
    doc.setLineCap('round');
    doc.setLineJoin('round');
    for (const item of items) draw(doc, item, 0, 0);
  });
  return new Uint8Array(doc.output('arraybuffer'));
}
