/** A name that every file system takes: words joined by dashes. */
export function fileName(title: string, extension: string): string {
  const words = title
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 60);
  return `${words || 'rontel'}.${extension}`;
}

/** Saves text as a file through the browser. */
export function saveText(name: string, type: string, text: string): void {
  saveBlob(name, new Blob([text], { type: `${type};charset=utf-8` }));
}

/** Saves bytes as a file through the browser. */
export function saveBlob(name: string, blob: Blob): void {
  const url = URL.createObjectURL(blob);
  const anchor = document.createElement('a');
  anchor.href = url;
  anchor.download = name;
  document.body.append(anchor);
  anchor.click();
  anchor.remove();
  // The browser has taken the file when the click has been handled.
  setTimeout(() => URL.revokeObjectURL(url), 0);
}
