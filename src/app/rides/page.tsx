'use client';

import { lazyWithPreload } from '../../ui/react/lazy-with-preload';

const View = lazyWithPreload(() => import('../../views/rides/RidesView').then((module) => module.RidesView));

export default View;
