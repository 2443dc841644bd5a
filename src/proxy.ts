import { type NextRequest, NextResponse } from 'next/server'

/** Development reloads code by evaluating it, and its own notices bring styles without the nonce; what is served for use never does. */
const DEVELOPING = process.env.NODE_ENV === 'development'

/** Nothing from another origin, no evaluated code, scripts and styles only with the nonce of this answer: without an exception. */
function policy(nonce: string): string {
  return [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${DEVELOPING ? " 'unsafe-eval'" : ''}`,
    `style-src 'self' ${DEVELOPING ? "'unsafe-inline'" : `'nonce-${nonce}'`}`,
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'self'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ')
}

/** Nothing here is written to. */
const METHODS: readonly string[] = ['GET', 'HEAD']

/** Names that this machine has for itself. */
const LOOPBACK = /^(localhost|127(\.\d{1,3}){3}|\[::1\])$/
/** Names that it is served under beside those, as they were said when it was started. */
const ALSO = (process.env.TECTORIA_HOSTS ?? '').split(',').filter(Boolean)

/** Is it asked for by a name of its own? A page elsewhere that points its name at this machine is not. */
function isOwnHost(host: string): boolean {
  const name = host.replace(/:\d+$/, '').toLowerCase()
  return LOOPBACK.test(name) || ALSO.includes(name)
}

function refused(status: number, why: string, headers: Record<string, string> = {}): NextResponse {
  return new NextResponse(`${why}\n`, {
    status,
    headers: { 'content-type': 'text/plain; charset=utf-8', ...headers },
  })
}

/** Gives every page its content security policy; refuses foreign names and everything but reading. */
export function proxy(request: NextRequest): NextResponse {
  if (!isOwnHost(request.headers.get('host') ?? ''))
    return refused(421, 'Tectoria isn’t served under this name.')
  if (!METHODS.includes(request.method))
    return refused(405, 'Tectoria is only read from.', { allow: METHODS.join(', ') })
  const nonce = btoa(crypto.randomUUID())
  const csp = policy(nonce)
  const headers = new Headers(request.headers)
  headers.set('x-nonce', nonce)
  headers.set('content-security-policy', csp)
  const response = NextResponse.next({ request: { headers } })
  response.headers.set('content-security-policy', csp)
  return response
}

export const config = { matcher: ['/((?!_next/static|favicon|icon).*)'] }
