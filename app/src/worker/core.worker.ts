import { expose } from 'comlink';
import { coreJobs } from './core-jobs';

expose(coreJobs);
