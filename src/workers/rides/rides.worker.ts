import { expose } from 'comlink';
import { rideWork } from './work';

expose(rideWork);
