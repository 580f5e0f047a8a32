import { NextResponse, type NextRequest } from 'next/server';
import { contentPolicy } from './app/_policy/content-policy';
import { inlineScriptsOf } from './app/_policy/inline-scripts';
import { SHARED_AT, SHARED_PARAM, SHARE_PATH } from './offline/places';
import { FIRST_START_COOKIE } from './store/first-start';

const READING = ['GET', 'HEAD'];

/** Gives every page its content policy, and says what a new browser begins with; nobody writes to a page. */
export function proxy(request: NextRequest) {
  if (request.method === 'POST' && request.nextUrl.pathname === SHARE_PATH) {
    // Meant for the app that a browser keeps. Without it the files cannot be handed on, and the page says so.
    const page = request.nextUrl.clone();
    page.pathname = SHARED_AT;
    page.search = `${SHARED_PARAM}=none`;
    return NextResponse.redirect(page, 303);
  }
  if (!READING.includes(request.method)) {
    return new NextResponse(null, { status: 405, headers: { allow: READING.join(', ') } });
  }
  const response = NextResponse.next();
  const isDev = process.env.NODE_ENV === 'development';
  response.headers.set(
    'content-security-policy',
    contentPolicy(isDev ? 'development' : inlineScriptsOf(request.nextUrl.pathname)),
  );
  // A page names the files of its build: a shared cache must ask whether it is still the one.
  response.headers.set('cache-control', 'no-cache');
  const firstStart = process.env.RONTEL_FIRST_START === 'demo' ? 'demo' : 'empty';
  if (request.cookies.get(FIRST_START_COOKIE)?.value !== firstStart) {
    response.cookies.set(FIRST_START_COOKIE, firstStart, { path: '/', sameSite: 'strict', httpOnly: false });
  }
  return response;
}

/** Everything that may answer with a page, and the script that a browser keeps; other files have no scripts to run. */
export const config = {
  matcher:
    '/((?!_next/static/|_next/image|api/|icons/|screenshots/|manifest\\.webmanifest$|icon\\.svg$|favicon\\.ico$).*)',
};
