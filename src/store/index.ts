export { change, redo, undo } from './change';
export { addDataset, readDataset, replaceDataset } from './dataset';
export type { RontelDatabase } from './db';
export { EMPTY_DATASET, demoDataset } from './demo';
export { StoreProvider, useDb } from './StoreProvider';
export { useWorkshop } from './useWorkshop';
export type { Workshop } from './useWorkshop';
export { addBike, removeBike, setPreferences } from './workshop';
export type { PreferencesEdit } from './workshop';
