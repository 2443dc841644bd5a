/** Where a test piece is made for a step of a part. */
export function testHref(of: { build: string; part: string; step: string }): string {
  return `/tests?${new URLSearchParams({ for: `${of.build} ${of.part} ${of.step}` })}`
}
