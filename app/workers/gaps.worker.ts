import { fillGaps, type Box, type Water } from '@core';

self.addEventListener('message', ({ data }: MessageEvent<{ readonly water: Water; readonly box: Box }>) =>
  self.postMessage(fillGaps(data.water, data.box)),
);
