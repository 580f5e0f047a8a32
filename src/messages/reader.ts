/** Whether this is a browser's page or worker; a server has no reader of its own. */
const hasReader = typeof document !== 'undefined' || 'WorkerGlobalScope' in globalThis;

/** The language whose numbers and dates the reader is used to, by BCP 47. The sentences around them are English. */
export const READER_LANGUAGE = hasReader ? navigator.language : 'en';
