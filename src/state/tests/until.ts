/** Waits until it is so. @throws Error where it isn't within ten seconds */
export async function until(holds: () => boolean): Promise<void> {
  const began = Date.now()
  while (!holds()) {
    if (Date.now() - began > 10_000) throw new Error(`until: never so: ${holds}`)
    await new Promise((resolve) => setTimeout(resolve, 5))
  }
}
