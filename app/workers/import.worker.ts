import type { Box } from '@core';
import { readIncoming } from '../parts/file-import';

self.addEventListener('message', ({ data }: MessageEvent<{ readonly text: string; readonly box: Box }>) =>
  self.postMessage(readIncoming(data.text, data.box)),
);
