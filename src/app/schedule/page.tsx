'use client';

import { lazyWithPreload } from '../../ui/react/lazy-with-preload';

const View = lazyWithPreload(() => import('../../views/schedule/ScheduleView').then((module) => module.ScheduleView));

export default View;
