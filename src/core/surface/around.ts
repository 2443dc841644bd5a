import type { Samples } from './samples'

/**
 * Every sample within a radius of another, mm, and some a little farther, each with how far it is: along the face on a panel,
 * through the air on a mesh, where a face may stand any way.
 */
export function around(
  samples: Samples,
  at: number,
  radius: number,
  visit: (sample: number, off: number) => void,
): void {
  const { x, y, z, grid } = samples
  const [cx, cy, cz] = [x[at] as number, y[at] as number, z[at] as number]
  samples.near(cx, cy, cz, radius, (i) => {
    const dx = (x[i] as number) - cx
    const dy = (y[i] as number) - cy
    visit(i, grid ? Math.hypot(dx, dy) : Math.hypot(dx, dy, (z[i] as number) - cz))
  })
}
