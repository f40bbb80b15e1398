import { db } from '../../db/database';
import type { FileJob } from '../../files/file-jobs';
import { doFileJob } from '../../files/jobs';
import type { WorkerLike } from '../asker';
import { serve } from '../serve';

/** Another one of these; not every browser lets a worker start one. */
const second =
  typeof Worker === 'undefined'
    ? null
    : (): WorkerLike => new Worker(self.location.href, { type: 'module', name: self.name }) as unknown as WorkerLike;

serve((job: FileJob, tell) => doFileJob(job, db, tell, second));
