import { db } from '../../db/database';
import { answerLog, type LogRequest } from '../log';
import { serve } from '../serve';

serve((job: LogRequest, tell) => answerLog(job, tell, db));
