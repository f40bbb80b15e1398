import { install } from './install';
import { preloadStations } from './preload';

/**
 * What a page does once its first view stands: has the browser keep the app, and fetches the rest of it.
 * @param servedBy  what served this page when it was opened
 */
export function later(servedBy: ServiceWorker | null): void {
  install(servedBy);
  preloadStations();
}
