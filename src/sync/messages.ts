import { createDecoder, readVarString, readVarUint, readVarUint8Array } from 'lib0/decoding';
import { createEncoder, toUint8Array, writeVarString, writeVarUint, writeVarUint8Array } from 'lib0/encoding';

/** Version of what devices say to each other. */
const PROTOCOL = 1;

/** Who says something: a device, and the versions that it can take. */
export interface Speaker {
  readonly deviceId: string;
  readonly name: string;
  readonly dataVersion: number;
}

/** What a device says to all others. */
export type SyncMessage = { readonly from: Speaker } & (
  | {
      /** What the device has, so that others send what it lacks. */
      readonly kind: 'hello';
      readonly stateVector: Uint8Array;
      readonly fingerprint: Uint8Array;
      /** The job that is open there; empty where none is. */
      readonly jobId: string;
    }
  | {
      readonly kind: 'update';
      readonly update: Uint8Array;
    }
  | {
      /** Asks a device for bytes from a place on. */
      readonly kind: 'want';
      readonly digest: string;
      readonly offset: number;
      readonly to: string;
    }
  | {
      readonly kind: 'piece';
      readonly digest: string;
      readonly offset: number;
      /** Bytes of the whole. */
      readonly size: number;
      readonly bytes: Uint8Array;
    }
);

const KINDS = ['hello', 'update', 'want', 'piece'] as const;

export function encodeMessage(message: SyncMessage): Uint8Array {
  const encoder = createEncoder();
  const { from } = message;
  writeVarUint(encoder, PROTOCOL);
  writeVarUint(encoder, from.dataVersion);
  writeVarString(encoder, from.deviceId);
  writeVarString(encoder, from.name);
  writeVarUint(encoder, KINDS.indexOf(message.kind));
  if (message.kind === 'hello') {
    writeVarUint8Array(encoder, message.stateVector);
    writeVarUint8Array(encoder, message.fingerprint);
    writeVarString(encoder, message.jobId);
  } else if (message.kind === 'update') {
    writeVarUint8Array(encoder, message.update);
  } else {
    writeVarString(encoder, message.digest);
    writeVarUint(encoder, message.offset);
    if (message.kind === 'want') writeVarString(encoder, message.to);
    else {
      writeVarUint(encoder, message.size);
      writeVarUint8Array(encoder, message.bytes);
    }
  }
  return toUint8Array(encoder);
}

/** Reads a message; of another version of the protocol who sent it. @throws Error where it is none */
export function decodeMessage(bytes: Uint8Array): SyncMessage | { readonly kind: 'unknown' } {
  const decoder = createDecoder(bytes);
  if (readVarUint(decoder) !== PROTOCOL) return { kind: 'unknown' };
  const dataVersion = readVarUint(decoder);
  const from = { dataVersion, deviceId: readVarString(decoder), name: readVarString(decoder) };
  const kind = KINDS[readVarUint(decoder)];
  if (kind === 'hello') {
    const [stateVector, fingerprint] = [readVarUint8Array(decoder), readVarUint8Array(decoder)];
    return { kind, from, stateVector, fingerprint, jobId: readVarString(decoder) };
  }
  if (kind === 'update') return { kind, from, update: readVarUint8Array(decoder) };
  if (kind === undefined) return { kind: 'unknown' };
  const [digest, offset] = [readVarString(decoder), readVarUint(decoder)];
  if (kind === 'want') return { kind, from, digest, offset, to: readVarString(decoder) };
  return { kind, from, digest, offset, size: readVarUint(decoder), bytes: readVarUint8Array(decoder) };
}
