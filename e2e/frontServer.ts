import { createServer, type IncomingHttpHeaders, request, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'

/** A server of one's own before the real one: it can be stopped, and say that there is a newer version. */
export class FrontServer {
  /** Written behind the service worker: another one is a newer version. */
  version = 1
  private server: Server | null = null
  private port = 0

  constructor(private readonly target: URL) {}

  get url(): string {
    return `http://127.0.0.1:${this.port}`
  }

  async start(): Promise<void> {
    const server = createServer((asked, answer) => {
      const onward = request(
        {
          host: this.target.hostname,
          port: this.target.port,
          path: asked.url,
          method: asked.method,
          headers: { ...headersOf(asked.headers), host: this.target.host },
        },
        (found) => {
          if (asked.url !== '/sw.js') {
            answer.writeHead(found.statusCode ?? 502, found.headers)
            found.pipe(answer)
            return
          }
          const { 'content-length': _, ...headers } = found.headers
          answer.writeHead(found.statusCode ?? 502, headers)
          found.on('data', (piece) => answer.write(piece))
          found.on('end', () => answer.end(`\n// ${this.version}\n`))
        },
      )
      onward.on('error', () => answer.destroy())
      asked.pipe(onward)
    })
    await new Promise<void>((resolve) => server.listen(this.port, '127.0.0.1', resolve))
    this.port = (server.address() as AddressInfo).port
    this.server = server
  }

  async stop(): Promise<void> {
    const { server } = this
    this.server = null
    server?.closeAllConnections()
    await new Promise<void>((resolve) => (server ? server.close(() => resolve()) : resolve()))
  }
}

/** Without what an answer of "not changed" or a packed one would come of: it couldn't be written on behind. */
function headersOf(asked: IncomingHttpHeaders): IncomingHttpHeaders {
  const { 'if-none-match': _, 'if-modified-since': __, 'accept-encoding': ___, ...rest } = asked
  return rest
}
