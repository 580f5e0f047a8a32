'use client';

import { lazyWithPreload } from '../../ui/react/lazy-with-preload';

const View = lazyWithPreload(() => import('../../views/needs/NeedsView').then((module) => module.NeedsView));

export default View;
