'use client';

import { lazyWithPreload } from '../../ui/react/lazy-with-preload';

const View = lazyWithPreload(() => import('../../views/parts/PartsView').then((module) => module.PartsView));

export default View;
