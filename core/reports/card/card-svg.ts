import type { Card } from './card';
import { textWidthMm, type CardItem } from './draw';

const escaped = (words: string): string => words.replace(/[&<>"]/g, (letter) => `&#${letter.charCodeAt(0)};`);

/** Shorter words than this fit anyhow, mm. */
const FITTED_FROM_MM = 12;
const FACE = 'Helvetica, Arial, Liberation Sans, sans-serif';

function drawn(item: CardItem, clips: string[]): string {
  if (item.kind === 'text') {
    const weight = item.bold ? ' font-weight="700"' : '';
    // whatever face a machine has, a line is as long as it was laid out
    const long = textWidthMm(item.text, item.sizeMm, item.bold);
    const fitted = long > FITTED_FROM_MM ? ` textLength="${long.toFixed(2)}" lengthAdjust="spacingAndGlyphs"` : '';
    return `<text x="${item.x}" y="${item.y}" font-size="${item.sizeMm}" text-anchor="${item.anchor ?? 'start'}" fill="${item.colour ?? '#231c17'}"${weight}${fitted}>${escaped(item.text)}</text>`;
  }
  if (item.kind === 'path') {
    const dash = item.dashMm ? ` stroke-dasharray="${item.dashMm.join(' ')}"` : '';
    return `<path d="${item.d}" fill="${item.fill ?? 'none'}" stroke="${item.stroke ?? 'none'}" stroke-width="${item.strokeMm ?? 0}"${dash}/>`;
  }
  const inner = `<g transform="translate(${item.dx} ${item.dy})">${item.items.map((one) => drawn(one, clips)).join('')}</g>`;
  if (!item.window) return inner;
  const { x, y, width, height } = item.window;
  clips.push(
    `<clipPath id="w${clips.length}"><rect x="${x}" y="${y}" width="${width}" height="${height}"/></clipPath>`,
  );
  return `<g clip-path="url(#w${clips.length - 1})">${inner}</g>`;
}

/** A card as one SVG in true millimetres: its sheets under each other, each as tall as the paper. */
export function cardSvg({ title, pages }: Card): string {
  const { widthMm, heightMm } = pages[0]!;
  const tall = heightMm * pages.length;
  const clips: string[] = [];
  const sheets = pages
    .map(({ items }, at) => drawn({ kind: 'group', dx: 0, dy: at * heightMm, items }, clips))
    .join('\n');
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${widthMm}mm" height="${tall}mm" viewBox="0 0 ${widthMm} ${tall}" font-family="${FACE}" stroke-linecap="round" stroke-linejoin="round">`,
    `<title>${escaped(title)}</title>`,
    `<defs>${clips.join('')}</defs>`,
    `<rect width="${widthMm}" height="${tall}" fill="#ffffff"/>`,
    sheets,
    '</svg>\n',
  ].join('\n');
}
