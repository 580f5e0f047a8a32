'use client';

import { lazyWithPreload } from '../../ui/react/lazy-with-preload';

const View = lazyWithPreload(() =>
  import('../../views/compatibility/CompatibilityView').then((module) => module.CompatibilityView),
);

export default View;
