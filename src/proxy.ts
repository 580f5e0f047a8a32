import { NextResponse, type NextRequest } from 'next/server';
import { NONCE_HEADER, contentPolicy } from './app/_policy/content-policy';

/** Gives every page its content policy, with a nonce of its own that the framework puts on its scripts. */
export function proxy(request: NextRequest) {
  const nonce = Buffer.from(crypto.getRandomValues(new Uint8Array(16))).toString('base64');
  const policy = contentPolicy(nonce, process.env.NODE_ENV === 'development');
  const headers = new Headers(request.headers);
  headers.set(NONCE_HEADER, nonce);
  headers.set('content-security-policy', policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', policy);
  return response;
}

/** Pages alone: what the framework has built runs no script of a page. */
export const config = { matcher: '/((?!_next/|api/|serwist/|manifest|icon|favicon).*)' };
