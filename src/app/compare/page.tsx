'use client';

import { lazyWithPreload } from '../../ui/react/lazy-with-preload';

const View = lazyWithPreload(() => import('../../views/compare/CompareView').then((module) => module.CompareView));

export default View;
