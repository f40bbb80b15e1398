import { PAGE_LOADS } from './stations/table';
import { whenIdle } from './when-idle';

/** Whether the browser keeps the whole app already. */
const isKept = (): boolean => ((navigator as Partial<Navigator>).serviceWorker?.controller ?? null) !== null;

/** Time a service worker has to fetch everything first, ms. */
const WORKER_MS = 6000;

/** The other stations, dialogs, and parts that are asked for when something happens. */
const REST: readonly (() => Promise<unknown>)[] = [
  ...PAGE_LOADS,
  () => import('./stations/water/WaterColumn.vue'),
  () => import('./parts/RigDrawing.vue'),
  () => import('./stations/water/keep-last'),
  () => import('./stations/water/WantReasons.vue'),
  () => import('./parts/WantEnds.vue'),
  () => import('./parts/GearMargins.vue'),
  () => import('./parts/IntentWords.vue'),
  () => import('./stations/water/WaterCoverRow.vue'),
  () => import('./stations/water/WaterPlacesDialog.vue'),
  () => import('./shell/FilesMenu.vue'),
  () => import('./stations/pick/PickSettings.vue'),
  () => import('./stations/pick/PickSchools.vue'),
  () => import('./stations/pick/map/PickMap.vue'),
  () => import('./stations/pick/year/PickYear.vue'),
  () => import('./workers/ask-tank'),
  () => import('./workers/ask-deck').then(({ preloadSolver }) => preloadSolver()),
  () => import('./workers/start-worker').then(({ preloadWorkers }) => preloadWorkers()),
  () => import('./workers/ask-log'),
  () => import('./workers/ask-map'),
  () => import('./stations/bench/BenchSteps.vue'),
  () => import('./stations/bench/BenchSolve.vue'),
  () => import('./stations/bench/BenchTable.vue'),
  () => import('./stations/bench/BenchCompare.vue'),
  () => import('./stations/bench/BenchCard.vue'),
  () => import('./stations/bench/BenchCalibrate.vue'),
  () => import('./stations/bench/BenchBuilds.vue'),
  () => import('./stations/deck/DeckGrid.vue'),
  () => import('./stations/deck/DeckList.vue'),
  () => import('./stations/deck/DeckStop.vue'),
  () => import('./stations/deck/DeckMargins.vue'),
  () => import('./stations/deck/DeckMore.vue'),
  () => import('./stations/deck/DeckPaper.vue'),
  () => import('./stations/deck/DeckPlaces.vue'),
  () => import('./stations/deck/DeckCode.vue'),
  () => import('./stations/deck/DeckNow.vue'),
  () => import('./stores/outings'),
  () => import('../demo/seasons'),
  () => import('./stations/log/LogBegin.vue'),
  () => import('./stations/log/LogOut.vue'),
  () => import('./stations/log/LogTrack.vue'),
  () => import('./stations/log/OutTie.vue'),
  () => import('./stations/log/LogList.vue'),
  () => import('./stations/log/LogRecording.vue'),
  () => import('./stations/log/LogOuting.vue'),
  () => import('./stations/log/LogSays.vue'),
  () => import('./stations/log/LogHooks.vue'),
  () => import('./stations/log/LogSchools.vue'),
  () => import('./stations/log/LogCharts.vue'),
  () => import('./stations/log/LogTrue.vue'),
  () => import('./stations/log/LogTests.vue'),
  () => import('./stations/log/LogDrop.vue'),
  () => import('./stations/log/LogWake.vue'),
  () => import('./stations/log/LogHand.vue'),
  () => import('./stations/tank/TankProgramme.vue'),
  () => import('./stations/tank/TankFalls.vue'),
  () => import('./stations/tank/TankCharts.vue'),
  () => import('./stations/tank/TankVersus.vue'),
  () => import('./stations/tank/TankSolve.vue'),
  () => import('../paper/card-pdf'),
  () => import('./stations/box/PartSheet.vue'),
  () => import('./stations/box/PartGallery.vue'),
  () => import('./stations/box/WeighDialog.vue'),
  () => import('./parts/FileImport.vue'),
  () => import('./parts/ImportPreview.vue'),
  () => import('./stores/back-up'),
  () => import('./shell/ClearDialog.vue'),
  () => import('./shell/AppHelp.vue'),
  () => import('./shell/RuleCard.vue'),
  () => import('./shell/NumberCard.vue'),
  () => import('./stations/water/LocalRulesDialog.vue'),
  () => import('./shell/AppSnackbar.vue'),
  () => import('../demo/brindle-mere'),
  () => import('../demo/weekend'),
  () => import('./workers/ask-gaps'),
  () => import('./files/ask-files'),
  () => import('./shell/StoreDialog.vue'),
  // small parts of the stores that are asked for when something happens
  () => import('./stores/ask-to-keep'),
  () => import('./stores/issue-words'),
  () => import('./stores/tab-news'),
  () => import('./stores/reminder'),
  () => import('./stores/bench'),
  () => import('./stores/tank'),
  () => import('./stores/deck'),
  () => import('./db/box-rows'),
  () => import('./db/set-aside'),
  () => import('./db/later-kinds'),
  () => import('./stores/begin-anew'),
  () => import('./shell/AsideDialog.vue'),
];

/**
 * Fetches the rest of the app while nothing else happens, one part in each quiet moment, so that a server that stops later, or a
 * signal that is lost, keeps nobody from their work. A failure here is no news: what is needed is asked for again when it is opened.
 */
export function preloadStations(): void {
  const fetchAll = async (): Promise<void> => {
    for (const load of REST) await Promise.allSettled([whenIdle(load)]);
  };
  const wait = (navigator as Partial<Navigator>).serviceWorker ? WORKER_MS : 0;
  setTimeout(() => void (isKept() || fetchAll()), wait);
}
