import { exposeWork } from './expose';
import { rideWork } from './work';

exposeWork(rideWork);
