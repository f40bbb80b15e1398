import { answerMap, type MapRequest } from '../map';
import { serve } from '../serve';

serve((job: MapRequest) => answerMap(job));
