'use client';

import { lazyWithPreload } from '../../ui/react/lazy-with-preload';

const View = lazyWithPreload(() => import('../../views/gears/GearsView').then((module) => module.GearsView));

export default View;
