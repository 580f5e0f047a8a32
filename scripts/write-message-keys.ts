import { writeFileSync } from 'node:fs';
import { coreMessagesSource, messageKeysSource } from './message-keys';

writeFileSync('src/messages/keys.ts', messageKeysSource());
writeFileSync('src/core/message-values.ts', coreMessagesSource());
