'use client';

import { lazyWithPreload } from '../../ui/react/lazy-with-preload';

const View = lazyWithPreload(() => import('../../views/work/WorkView').then((module) => module.WorkView));

export default View;
