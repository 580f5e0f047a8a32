'use client';

import { lazyWithPreload } from '../../ui/react/lazy-with-preload';

const View = lazyWithPreload(() => import('../../views/find/FindView').then((module) => module.FindView));

export default View;
