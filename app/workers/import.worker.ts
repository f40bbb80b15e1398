import { readIncoming } from '../parts/file-import';

self.addEventListener('message', ({ data }: MessageEvent<string>) => self.postMessage(readIncoming(data)));
