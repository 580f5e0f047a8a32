// npm run schema: writes docs/backup.schema.json anew, after a change of what is kept. A test compares the two.
import { writeFileSync } from 'node:fs';
import { backupSchemaText } from '../src/formats/backup-schema';

writeFileSync('docs/backup.schema.json', backupSchemaText());
