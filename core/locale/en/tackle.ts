import type { BladeShape } from '../../tackle/blades';
import type { HeadStyle } from '../../tackle/heads';
import type { TrailerKind } from '../../tackle/trailer-kinds';

export const TRAILER_TITLE: Readonly<Record<TrailerKind, string>> = {
  chunk: 'chunk',
  'kick-chunk': 'kicking chunk',
  'flat-bug': 'flat-tail bug',
  'kick-bug': 'kicking bug',
  'flapper-craw': 'flapper craw',
  'curl-craw': 'curl-leg craw',
  'small-craw': 'small craw',
  creature: 'creature',
  'twin-tail-grub': 'twin-tail grub',
  'single-tail-grub': 'single-tail grub',
  'paddle-tail': 'paddle-tail',
  'ribbed-paddle-tail': 'ribbed paddle-tail',
  'rolling-paddle-tail': 'rolling paddle-tail',
  'swim-worm': 'swim worm',
  'wide-swimmer': 'wide swimmer',
  'straight-minnow': 'straight minnow',
  'ribbed-minnow': 'ribbed minnow',
  'stick-worm': 'stick worm',
  'finesse-worm': 'finesse worm',
  'split-strip': 'split strip',
};

export const HEAD_TITLE: Readonly<Record<HeadStyle, string>> = {
  ball: 'ball',
  casting: 'casting',
  flipping: 'flipping',
  football: 'football',
  swim: 'swim',
  vertical: 'vertical',
  bullet: 'bullet',
};

export const BLADE_TITLE: Readonly<Record<BladeShape, string>> = {
  colorado: 'Colorado',
  indiana: 'Indiana',
  willow: 'willow',
};
