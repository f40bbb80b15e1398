import { fillGaps, whatToBuy } from '@core';
import type { GapsRequest } from './protocol';

self.addEventListener('message', ({ data }: MessageEvent<GapsRequest>) =>
  self.postMessage('waters' in data ? whatToBuy(data.waters, data.box, data.count) : fillGaps(data.water, data.box)),
);
