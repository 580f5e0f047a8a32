'use client';

import { lazyWithPreload } from '../../ui/react/lazy-with-preload';

const View = lazyWithPreload(() => import('../../views/devices/DevicesView').then((module) => module.DevicesView));

export default View;
