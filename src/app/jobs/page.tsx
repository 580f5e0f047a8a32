'use client';

import { lazyWithPreload } from '../../ui/react/lazy-with-preload';

const View = lazyWithPreload(() => import('../../views/jobs/JobsView').then((module) => module.JobsView));

export default View;
