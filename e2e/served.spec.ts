// What the server answers to those who mean ill.
import { request as asked } from 'node:http'
import { expect, test } from '@playwright/test'

/** A request as it is written, which a browser wouldn't send. */
function answerTo(
  base: string,
  path: string,
  { method = 'GET', host, body }: { method?: string; host?: string; body?: string } = {},
): Promise<{ status: number; headers: NodeJS.Dict<string | string[]>; text: string }> {
  const { hostname, port } = new URL(base)
  return new Promise((resolve, reject) => {
    const sent = asked(
      {
        hostname,
        port,
        path,
        method,
        agent: false,
        headers: { ...(host ? { host } : {}), ...(body ? { 'content-length': body.length } : {}) },
      },
      (answer) => {
        let text = ''
        answer.on('data', (piece) => {
          text += piece
        })
        answer.on('end', () =>
          resolve({ status: answer.statusCode ?? 0, headers: answer.headers, text }),
        )
      },
    )
    sent.on('error', reject)
    sent.end(body)
  })
}

test('foreign names and everything but reading are refused', async ({ baseURL }) => {
  const base = baseURL ?? ''
  const port = new URL(base).port
  for (const host of ['evil.example', `evil.example:${port}`, '127.0.0.1.evil.example', ''])
    expect([host, (await answerTo(base, '/', { host: host || '_' })).status]).toEqual([host, 421])
  for (const host of [`localhost:${port}`, `127.0.0.1:${port}`, `[::1]:${port}`])
    expect([host, (await answerTo(base, '/plan', { host })).status]).toEqual([host, 200])
  for (const method of ['POST', 'PUT', 'DELETE', 'PATCH']) {
    const body = 'x'.repeat(1000)
    const answer = await answerTo(base, '/api/zone?zone=UTC', { method, body })
    expect([method, answer.status, answer.headers.allow]).toEqual([method, 405, 'GET, HEAD'])
  }
})

test('what is no zone is told as such', async ({ baseURL }) => {
  const base = baseURL ?? ''
  for (const zone of [
    '',
    'constructor',
    '__proto__',
    'toString',
    '../../etc',
    'No/Where',
    'x'.repeat(9000),
  ]) {
    const answer = await answerTo(base, `/api/zone?zone=${encodeURIComponent(zone)}`)
    expect([zone.slice(0, 20), answer.status]).toEqual([zone.slice(0, 20), 400])
    expect(JSON.parse(answer.text).errors[0].path).toBe('zone')
  }
  const lisbon = await answerTo(base, '/api/zone?zone=Europe/Lisbon')
  expect(lisbon.status).toBe(200)
  expect(lisbon.text).toContain('BEGIN:VTIMEZONE')
  const air = await answerTo(base, '/api/sensor?now=never&zone=Nowhere')
  expect(air.status).toBe(400)
})

test('every answer says what it is and whose it may be', async ({ baseURL }) => {
  const base = baseURL ?? ''
  const page = await answerTo(base, '/')
  const script = /\/_next\/static\/[^"']+\.js/.exec(page.text)?.[0] ?? ''
  for (const path of [
    '/',
    '/rescue',
    '/rescue.js',
    '/sw.js',
    '/icon.svg',
    '/demo/demo-hull.jpg',
    script,
    '/api/zone?zone=UTC',
  ]) {
    const { status, headers } = await answerTo(base, path)
    expect([path, status]).toEqual([path, 200])
    expect([path, headers['x-content-type-options']]).toEqual([path, 'nosniff'])
    expect([path, headers['cross-origin-resource-policy']]).toEqual([path, 'same-origin'])
    expect([path, headers['x-powered-by']]).toEqual([path, undefined])
  }
  expect((await answerTo(base, '/_next/image?url=/icon.svg&w=64&q=75')).status).toBe(404)
  const policy = String(page.headers['content-security-policy'])
  expect(policy).toMatch(/script-src 'self' 'nonce-[^']+' 'strict-dynamic'/)
  expect(policy).not.toMatch(/unsafe-eval|https?:|\*/)
})
