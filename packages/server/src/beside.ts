import { copyWorks } from './copy/works';
import { answerAsked } from './kernel/sideThreads';

/** The program of the threads beside the server: long work, asked for by name. */
answerAsked(copyWorks);
