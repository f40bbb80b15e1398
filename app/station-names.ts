/** The stations, in the order of the work. */
export const STATION_NAMES = ['water', 'pick', 'bench', 'tank', 'deck', 'log', 'box', 'tickets'] as const;
export type StationName = (typeof STATION_NAMES)[number];
