import { answerRankings } from '../answer-ranking';

answerRankings(self);
