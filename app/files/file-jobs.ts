import type { ReadHow } from '@core';
import type { OutingsTaken } from '../db/add';
import type { TakeMode } from '../db/box-rows';
import type { AllRows, OnScreen } from '../db/everything';
import type { StoredTable } from '../db/stored-kinds';
import type { Preview } from './incoming';

/** Work with files, done away from the page where that can be had. */
export type FileJob =
  | { readonly do: 'read'; readonly file: Blob; readonly how: ReadHow; readonly onScreen: OnScreen }
  | {
      readonly do: 'take';
      readonly file: Blob;
      readonly how: ReadHow;
      readonly mode: TakeMode;
      readonly onScreen: OnScreen;
    }
  /** @param rows  what is on the screen, where the store cannot be read */
  | { readonly do: 'back-up'; readonly onScreen: OnScreen; readonly madeAt: string; readonly rows: AllRows | null }
  | { readonly do: 'tickets'; readonly onScreen: OnScreen }
  /** the log as a file */
  | { readonly do: 'log'; readonly as: 'json' | 'csv'; readonly onScreen: OnScreen }
  /** @param text  rows of one list of a backup: whether they read as they are written */
  | { readonly do: 'check-rows'; readonly list: string; readonly text: string };

/** What a backup holds, and the file itself. */
export interface BackupFile {
  readonly blob: Blob;
  readonly counts: Readonly<Record<StoredTable | 'setAside', number>>;
}

/** What was taken in; a new epoch where everything was replaced. */
export interface Taken {
  readonly count: number;
  readonly aside: number;
  readonly epoch: string | null;
  /** of a log: what was new, and what met what was here */
  readonly outings?: OutingsTaken;
}

export interface FileAnswers {
  read: Preview;
  take: Taken;
  'back-up': BackupFile;
  tickets: { readonly blob: Blob; readonly count: number };
  log: { readonly blob: Blob; readonly count: number };
  'check-rows': boolean;
}

/** Tells how far a job is, 0 to 1. */
export type Tell = (progress: number) => void;
