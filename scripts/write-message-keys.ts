import { writeFileSync } from 'node:fs';
import { messageKeysSource } from './message-keys';

writeFileSync('src/messages/keys.ts', messageKeysSource());
