import { serve } from '../serve';
import { answerTank, type TankRequest } from '../tank';

serve((job: TankRequest) => answerTank(job));
