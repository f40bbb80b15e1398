/** Colours of real water by visibility, murkiest first: mud, tea, stained, clear teal-grey. */
const RAMP: readonly (readonly [visibilityM: number, rgb: readonly [number, number, number]])[] = [
  [0, [93, 61, 31]],
  [0.2, [112, 74, 38]],
  [0.45, [169, 112, 47]],
  [0.9, [190, 158, 92]],
  [1.8, [150, 160, 130]],
  [4, [126, 158, 152]],
];

/** Tint of water at a visibility, red, green and blue from 0 to 255. */
export function rgbOf(visibilityM: number): readonly [number, number, number] {
  const last = RAMP.at(-1)!;
  if (visibilityM >= last[0]) return last[1];
  const at = RAMP.findIndex(([limit]) => limit > visibilityM);
  const [from, a] = RAMP[at - 1]!;
  const [to, b] = RAMP[at]!;
  const share = (visibilityM - from) / (to - from);
  const [red, green, blue] = a.map((channel, i) => Math.round(channel + share * (b[i]! - channel)));
  return [red!, green!, blue!];
}

/** The same as a CSS colour. */
export const tintOf = (visibilityM: number): string => `rgb(${rgbOf(visibilityM).join(' ')})`;
