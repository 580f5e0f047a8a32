'use client';

import { lazyWithPreload } from '../../ui/react/lazy-with-preload';

const View = lazyWithPreload(() => import('../../views/settings/SettingsView').then((module) => module.SettingsView));

export default View;
