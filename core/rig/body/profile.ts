import type { RigBody } from './body';
import type { Rig } from '../parts/schema';
import { CRAWL_MPS, skirtSpreadM } from './skirt-shape';

/** Cold or warm makes no difference to a shape. */
const DENSITY_KG_M3 = 999;

/** Outline of a rig from the side, m: what prey it could be. */
export interface Profile {
  readonly lengthM: number;
  readonly heightM: number;
  /** height over length: deep like a panfish above 0.28, slim below 0.18 */
  readonly ratio: number;
}

/** Tallest of head, skirt at a crawl, and trailer as it is turned: on edge its legs stand up and down. */
export function rigProfile(rig: Rig, body: RigBody): Profile {
  const turned = rig.trailer?.orientation === 'edge';
  const { trailer } = body;
  const trailerM = trailer === null ? 0 : turned ? Math.max(trailer.widthM, trailer.legSpanM) : trailer.heightM;
  const skirtM = body.skirt === null ? 0 : skirtSpreadM(body.skirt, CRAWL_MPS, DENSITY_KG_M3);
  const heightM = Math.max(body.head.heightM, trailerM, skirtM);
  return { lengthM: body.lengthM, heightM, ratio: heightM / body.lengthM };
}
