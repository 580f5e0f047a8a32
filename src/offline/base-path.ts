/** Such as /rontel: the folder of a host that the app stands in, written in when it is built; empty at the top of a host. */
export const BASE_PATH = process.env.RONTEL_BASE_PATH ?? '';

/** Makes an address of the app one of the host, for what the framework's own links do not lead to. @param path begins with / */
export function atBase(path: string): string {
  return `${BASE_PATH}${path}`;
}
