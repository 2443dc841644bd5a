/** Text as it is kept in a copy's file. */
export function packed(text: string): Promise<Blob> {
  const stream = new Blob([text]).stream().pipeThrough(new CompressionStream('gzip'))
  return new Response(stream).blob()
}

/** The text of a copy's file. @throws Error if it is no such file */
export function unpacked(file: Blob): Promise<string> {
  return new Response(file.stream().pipeThrough(new DecompressionStream('gzip'))).text()
}
