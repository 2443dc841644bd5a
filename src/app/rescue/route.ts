import { rescuePage } from './page.html'

/** A page that needs nothing of the application: what is in the browser is listed, taken out, put aside, brought back. */
export function GET(request: Request): Response {
  return new Response(rescuePage(request.headers.get('x-nonce') ?? ''), {
    headers: { 'content-type': 'text/html; charset=utf-8' },
  })
}
