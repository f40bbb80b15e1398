import { db } from '../db/database';
import { doFileJob, type FileJob } from '../files/jobs';
import { serve } from './serve';

serve((job: FileJob, tell) => doFileJob(job, db, tell));
