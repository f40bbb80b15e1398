import { newId } from '../new-id';
import { db } from './database';
import { createJournal } from './journal';
import { createKeeper } from './keeper';
import { databaseShelf } from './shelf';

/** The keeper of this page. */
export const keeper = createKeeper({
  shelf: databaseShelf(db),
  journal: createJournal(newId()),
  state: () => db.state,
});
db.onHandOver = () => keeper.flush();
