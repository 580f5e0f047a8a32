'use client';

import { lazyWithPreload } from '../../ui/react/lazy-with-preload';

const View = lazyWithPreload(() => import('../../views/learn/LearnView').then((module) => module.LearnView));

export default View;
