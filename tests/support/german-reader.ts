// Import this first: what is imported after it takes the reader for one who writes decimals with a comma.
Object.defineProperty(globalThis, 'navigator', { value: { language: 'de-DE' } });
Object.defineProperty(globalThis, 'WorkerGlobalScope', { value: function WorkerGlobalScope() {} });
export {};
