import { expose } from 'comlink';
import { formJobs } from './form-jobs';

expose(formJobs);
