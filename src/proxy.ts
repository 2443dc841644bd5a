import { type NextRequest, NextResponse } from 'next/server'

/** Development reloads code by evaluating it; what is served for use never does. */
const EVAL = process.env.NODE_ENV === 'development' ? " 'unsafe-eval'" : ''

/** Nothing from another origin, no evaluated code, scripts only with the nonce of this answer. */
function policy(nonce: string): string {
  return [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${EVAL}`,
    "style-src 'self' 'unsafe-inline'",
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

/** Gives every page its content security policy. */
export function proxy(request: NextRequest): NextResponse {
  const nonce = btoa(crypto.randomUUID())
  const csp = policy(nonce)
  const headers = new Headers(request.headers)
  headers.set('x-nonce', nonce)
  headers.set('content-security-policy', csp)
  const response = NextResponse.next({ request: { headers } })
  response.headers.set('content-security-policy', csp)
  response.headers.set('referrer-policy', 'no-referrer')
  response.headers.set('x-content-type-options', 'nosniff')
  return response
}

export const config = { matcher: ['/((?!_next/static|favicon|icon).*)'] }
