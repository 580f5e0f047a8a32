export { RELAY_BOUNDS, type Relay, type RelayMessage } from './relay';
export { memoryRelay } from './memory-relay';
