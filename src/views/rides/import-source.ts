import { type FileWithPath } from 'file-selector';

/** A file to be imported, from a disk or from within an archive. */
export interface ImportSource {
  /** As it is shown: with its folders. */
  readonly path: string;
  /** In bytes. */
  readonly size: number;
  /** Reads or unpacks it. */
  readonly bytes: (signal: AbortSignal) => Promise<Uint8Array>;
  /** The file itself, where it may be an archive. */
  readonly file?: File;
}

/** Files of a picker or a drop as sources, in the order of their paths; hidden ones are left out. */
export function sourcesOf(files: readonly (File | FileWithPath)[]): readonly ImportSource[] {
  return files
    .map((file) => ({
      path: pathOf(file),
      size: file.size,
      file,
      bytes: async () => new Uint8Array(await file.arrayBuffer()),
    }))
    .filter(({ path }) => !path.split('/').some((part) => part.startsWith('.')))
    .sort((a, b) => (a.path < b.path ? -1 : a.path > b.path ? 1 : 0));
}

/** With its folders where it came with them: a picker of folders and a drop say them in different ways. */
function pathOf(file: File | FileWithPath): string {
  const dropped = 'relativePath' in file ? file.relativePath : '';
  return (file.webkitRelativePath || dropped || file.name).replace(/^(\.?\/)+/, '');
}

/** Name of a file without its folders. */
export const baseName = (path: string) => path.slice(path.lastIndexOf('/') + 1);
