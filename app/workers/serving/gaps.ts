import { answerGaps, type GapsRequest } from '../gaps';
import { serve } from '../serve';

serve((job: GapsRequest) => answerGaps(job));
