import type { RouteRecord } from './route.schema';

export type { RouteRecord };
