import { answerAble, type AbleRequest } from './able';
import { serve } from './serve';

serve((job: AbleRequest) => answerAble(job));
