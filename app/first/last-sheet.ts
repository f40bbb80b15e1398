import type { LastAnswer } from './last-answer';
import * as words from '../locale/en/first';

const SVG = 'http://www.w3.org/2000/svg';

function add(to: Element, tag: string, name: string, text = ''): HTMLElement {
  const made = document.createElement(tag);
  made.className = name;
  made.textContent = text;
  to.append(made);
  return made;
}

/** Fractions are set as fractions, as everywhere. */
function addTitle(to: Element, title: string): void {
  const line = add(to, 'b', 'last__title');
  title.split(/(\d+\/[1-9]\d*)/).forEach((text, at) => {
    if (at % 2 === 1) add(line, 'span', 'frac', text);
    else line.append(text);
  });
}

/** The last answer as a sheet that needs nothing of the app: what was tied on, drawn, and said to be the last. */
export function lastSheet({ title, frame, paths }: LastAnswer): HTMLElement {
  const sheet = document.createElement('div');
  sheet.className = 'last';
  sheet.dataset['testid'] = 'last-answer';
  const beside = add(sheet, 'div', 'last__words');
  add(beside, 'span', 'last__mark', words.tieOnAsWas);
  addTitle(beside, title);
  add(beside, 'span', 'last__mark', words.lookingAtAgain);
  const svg = document.createElementNS(SVG, 'svg');
  svg.setAttribute('viewBox', frame);
  svg.setAttribute('class', 'last__drawing outline');
  svg.setAttribute('role', 'img');
  svg.setAttribute('aria-label', words.fromTheSide(title));
  for (const { d, of, style } of paths) {
    const path = document.createElementNS(SVG, 'path');
    path.setAttribute('d', d);
    path.setAttribute('class', of);
    path.setAttribute('stroke-linecap', 'round');
    path.setAttribute('stroke-linejoin', 'round');
    // through the object model: a strict policy allows no style in the markup
    path.style.cssText = style;
    svg.append(path);
  }
  sheet.append(svg);
  return sheet;
}

/** A drawing as it stands on the page, to be drawn again by the next visit. */
export function drawnPaths(svg: SVGSVGElement): Pick<LastAnswer, 'frame' | 'paths'> {
  const paths = [...svg.querySelectorAll('path')].map((path) => ({
    d: path.getAttribute('d') ?? '',
    of: path.getAttribute('class') ?? '',
    style: path.style.cssText,
  }));
  return { frame: svg.getAttribute('viewBox') ?? '', paths };
}
