/** Serves what `npm run build` made, on loopback. */
export function startServer(options?: {
  port?: number
  demo?: boolean
  quiet?: boolean
}): Promise<{ url: string; stop: () => void }>
