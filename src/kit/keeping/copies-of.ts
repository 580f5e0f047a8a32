import { CopiesDatabase } from '../../store';

let opened: CopiesDatabase | undefined;

/** The copies of this browser, opened when first asked for. */
export const copiesOf = (): CopiesDatabase => (opened ??= new CopiesDatabase());
