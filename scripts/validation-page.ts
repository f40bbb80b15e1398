import { fallAngleRad } from '../core/motion/attitude';
import { steadyFall } from '../core/motion/fall';
import { mediumAt } from '../core/motion/medium';
import { rigBody } from '../core/rig/body/body';
import { strandShape } from '../core/rig/body/strand';
import { HEAD_STYLES } from '../core/tackle/heads';
import { jig } from '../core/testing/fixtures/rigs';
import { compared, type Compared } from '../core/testing/independent/compared';
import { fromSplash, SPLASH_CASTS } from '../core/testing/independent/lines-compared';
import { linkedStrand } from '../core/testing/independent/strand-links';
import { degFromRad } from '../core/units/units';

/** Size of the picture, px, and metres of cast and depth it shows. */
const [WIDE, HIGH, LEFT, TOP] = [640, 300, 50, 20];
const [FAR_M, NEAR_M, DEEP_M] = [25, 12, 3];
const x = (m: number): number => LEFT + ((FAR_M - m) / (FAR_M - NEAR_M)) * (WIDE - LEFT - 10);
const y = (m: number): number => TOP + (m / DEEP_M) * (HIGH - TOP - 30);
const place = (xM: number, zM: number): string => `${x(xM).toFixed(1)} ${y(zM).toFixed(1)}`;

/** Casts that are drawn: of 25 m, all of them. */
const DRAWN_CASTS = SPLASH_CASTS.filter(({ castM, otherM }) => castM === FAR_M && otherM !== undefined);

/** Paths of some casts from the splash: ours drawn through, those of the line of masses as dots. */
export function chainPicture(): string {
  const colours = ['#8c2a1b', '#1f4d3a', '#7a5a10', '#2c3e6b'];
  const rows = DRAWN_CASTS.map((cast, at) => {
    const { ours, masses } = fromSplash(cast);
    const colour = colours[at]!;
    const line = ours.path.filter(([, xM]) => xM >= FAR_M / 2).map(([, xM, zM]) => place(xM, zM));
    const dots = masses.path.filter((_, nth) => nth % 10 === 0);
    return [
      `<path d="M${line.join('L')}" fill="none" stroke="${colour}" stroke-width="1.5"/>`,
      ...dots.map(
        ([, xM, zM]) => `<circle cx="${x(xM).toFixed(1)}" cy="${y(zM).toFixed(1)}" r="2.5" fill="${colour}"/>`,
      ),
      `<text x="${LEFT + 350}" y="${TOP + 20 + 18 * at}" fill="${colour}">${cast.of}</text>`,
    ].join('\n');
  });
  const depths = [0, 1, 2, 3].map(
    (m) =>
      `<text x="${LEFT - 8}" y="${y(m) + 4}" text-anchor="end">${m} m</text><path d="M${LEFT} ${y(m)}H${WIDE - 10}" stroke="#ccc"/>`,
  );
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${WIDE} ${HIGH}" font-family="sans-serif" font-size="12">
<rect width="${WIDE}" height="${HIGH}" fill="#fff"/>
${depths.join('\n')}
<text x="${LEFT}" y="${HIGH - 8}">25 m from the rod</text><text x="${x(12.5) - 70}" y="${HIGH - 8}">half way back</text>
${rows.join('\n')}
</svg>
`;
}

/** Loads at which strands are drawn, and a colour for each. */
const DRAWN_LOADS = [
  [3, '#1f4d3a'],
  [30, '#7a5a10'],
  [300, '#8c2a1b'],
  [3000, '#2c3e6b'],
] as const;
const STRAND_PX = 250;
const DRAWN_ROOT_RAD = (70 * Math.PI) / 180;

/** Strands that bend: ours drawn through, the links of a chain as dots; the flow comes from the left. */
export function strandPicture(): string {
  const [left, base] = [40, 270];
  const at = (back: number, out: number): string =>
    `${(left + STRAND_PX * back).toFixed(1)} ${(base - STRAND_PX * out).toFixed(1)}`;
  const rows = DRAWN_LOADS.map(([load, colour], nth) => {
    const shape = strandShape(DRAWN_ROOT_RAD, load, 40).map(([back, out]) => at(back, out));
    const { angles } = linkedStrand(DRAWN_ROOT_RAD, load);
    let [back, out] = [0, 0];
    const dots = angles.flatMap((angle, i) => {
      back += Math.cos(angle) / angles.length;
      out += Math.sin(angle) / angles.length;
      const [cx, cy] = at(back, out).split(' ');
      return i % 4 === 3 ? [`<circle cx="${cx}" cy="${cy}" r="2.5" fill="${colour}"/>`] : [];
    });
    return [
      `<path d="M${shape.join('L')}" fill="none" stroke="${colour}" stroke-width="1.5"/>`,
      ...dots,
      `<text x="${left + STRAND_PX + 60}" y="${60 + 18 * nth}" fill="${colour}">load ${load}</text>`,
    ].join('\n');
  });
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 480 300" font-family="sans-serif" font-size="12">
<rect width="480" height="300" fill="#fff"/>
<path d="M${left} ${base}H${left + STRAND_PX}" stroke="#ccc"/>
<text x="${left}" y="290">the flow goes to the right; root of 70°</text>
${rows.join('\n')}
</svg>
`;
}

/** How far some rigs drift while they fall: metres aside in three metres of water, with the angle of their body to the way they go. */
function driftRows(): string[] {
  const medium = mediumAt(20);
  const trailers = [null, 'chunk', 'flapper-craw', 'stick-worm'] as const;
  return HEAD_STYLES.map((style) => {
    const cells = trailers.map((trailer) => {
      const body = rigBody(jig({ style, trailer }));
      const { glideRad } = steadyFall(body, medium);
      const angleRad = fallAngleRad(body, medium, 0);
      return `${(3 * Math.tan(glideRad)).toFixed(1)} m, ${degFromRad(angleRad).toFixed(0)}°`;
    });
    return `| ${style} | ${cells.join(' | ')} |`;
  });
}

const number = (value: number): string => (value >= 100 ? value.toFixed(2) : value.toFixed(3));
const row = ({ of, unit, ours, theirs, within, source }: Compared): string =>
  `| ${of} | ${number(ours)} ${unit} | ${number(theirs)} ${unit} | ${(100 * (ours / theirs - 1)).toFixed(1)} % | ${(100 * within).toPrecision(2)} % | ${source} |`;

/** The page of what was compared. */
export const validationPage = (): string => `# What was compared with what

Written by \`npm run docs:write\` from the numbers of \`core/testing/independent\`, which a test holds to the last column but one. Numbers of our own that only
guard against change are not here.

| what | ours | theirs | apart | allowed | theirs from |
| --- | --- | --- | --- | --- | --- |
${compared().map(row).join('\n')}

## A line is not a stick

![paths of casts from the splash, ours as lines, a line of masses as dots](validation-line.svg)

Ours as lines, a line of 60 masses with the same lure as dots, both from the splash: the line lies on the water, the lure draws it into a bend on the count, and
the reel takes that in first. Ours is two straight pieces with a knee, and the bow of a steady pull once it is straight.

## Besides

- Over any bottom line that is out stays out, and comes in no faster than it is reeled (\`core/motion/line-and-bottom.test.ts\`).
- The moments about a falling head, written out in newton metres, are in balance at the angle that is told (\`core/motion/attitude.test.ts\`).
- A general solver of differential equations comes to the same place within a centimetre (\`core/motion/retrieve.prop.test.ts\`).
- Bands hold hidden truths, posture and head mass among them, 75 to 85 times of a hundred (\`core/motion/calibration.test.ts\`).

## A strand is not a stick either

![bent strands at four loads, ours as lines, links with springs as dots](validation-strand.svg)

Ours as lines, sixty links with springs as dots.

## Not compared

The angle of a fall: nobody has published it; what stands behind it is what anglers see of a chunk, one angle for all heads,
and 15° either way (ADR 38). Drops that users time are data of their own.

## How far a fall drifts

Aside in three metres of water, and the angle between body and way, for 3/8 oz at 20 °C: computed, not compared. Lift is known to 35 %.

| head | no trailer | chunk | flapper craw | stick worm |
| --- | --- | --- | --- | --- |
${driftRows().join('\n')}
`;
