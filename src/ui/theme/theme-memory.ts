/** The theme is kept with the other preferences; this copy can be read before the first paint. */
export const THEME_MEMORY_KEY = 'rontel-theme';

/** Runs in the head, ahead of the first paint. */
export const THEME_SCRIPT = `try{const t=localStorage.getItem(${JSON.stringify(THEME_MEMORY_KEY)});if(t)document.documentElement.dataset.theme=t}catch{}`;
