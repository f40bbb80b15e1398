import type { ContradictionId } from '../../water/contradictions';

/** What cannot well be, why, and what to look at. */
export const CONTRADICTION_TEXT: Readonly<Record<ContradictionId, string>> = {
  'mat-in-mud':
    'Matted grass on so little light: weed does not grow to the top in water this murky. Check visibility or cover.',
  'weed-in-ice-water':
    'Pads and mats die back in water this cold. What stands may be last year’s stems: then take submerged grass.',
  'pads-too-deep': 'Lily pads root to about {ft 8}. Check the depth, or take the weed below them.',
  'reeds-too-deep': 'Reeds stand to about {ft 6}. Check the depth.',
  'mat-below-the-top': 'A mat lies on the surface. With its top this deep it is submerged grass.',
  'spawn-in-the-cold': 'They do not spawn in water this cold. Check the thermometer or the season.',
  'prespawn-in-the-heat': 'In water this warm the spawn is over. Check the thermometer or the season.',
  'summer-in-the-cold': 'Summer, and the water this cold? Below a dam it can be; otherwise check one of the two.',
  'winter-in-the-heat':
    'Winter, and the water this warm? Beside a warm outflow it can be; otherwise check one of the two.',
  'houseboat-aground': 'A houseboat would lie aground in so little water. Check the depth.',
  'ledge-in-no-depth': 'A ledge in so little water is a rock. Check the depth or take rock.',
  'deep-sight-in-rising-mud': 'Rising and muddy, yet they see this far? Check visibility or trend.',
  'clearing-but-murky': 'It is said to be clearing, yet already clearer than usual. Check the usual visibility.',
  'muddier-than-usual-but-steady':
    'Far murkier than usual, yet steady: if it muddied lately, say so under trend; colour depends on it.',
  'active-in-ice-water': 'Active fish in water this cold are rare. If you saw them chase, leave it.',
  'open-and-covered': 'Open water and cover at once: remove “open water”, the cover counts.',
  'cover-twice': 'One kind of cover stands here twice. Keep one, with its density.',
  'band-out-of-cover': 'The lure is to work far above all of the cover. Check the band or the tops.',
};
