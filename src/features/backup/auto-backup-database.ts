import { AutoBackupDatabase } from '../../store';

let opened: AutoBackupDatabase | undefined;

/** The automatic backups of this browser, opened on first use. */
export const autoBackupDatabase = (): AutoBackupDatabase => (opened ??= new AutoBackupDatabase());
