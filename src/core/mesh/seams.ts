import { pointOf, type Triangles, triangleCount } from './triangles'

/** Edges of a mesh by how many triangles meet in them. */
export type Seams = {
  /** Edges of one triangle only: a hole, or an open sheet. */
  open: number
  /** Edges of three and more: walls that meet inside. */
  crowded: number
}

/** Length of a table that gets half full at most. */
export function tableSize(entries: number): number {
  let size = 1024
  while (size < entries * 2) size *= 2
  return size
}

/** Points in the same place get the same number. Points are in the same place when their coordinates are, to the bit. */
export function weld(points: Float32Array): Int32Array {
  const count = points.length / 3
  const bits = new Int32Array(points.buffer, points.byteOffset, points.length)
  const size = tableSize(count / 3)
  const ids = new Int32Array(count)
  let table = new Int32Array(size).fill(-1)
  let mask = size - 1
  let known = 0
  const first: number[] = []
  const same = (a: number, b: number) =>
    points[a] === points[b] && points[a + 1] === points[b + 1] && points[a + 2] === points[b + 2]
  // −0 and 0 are the same coordinate with other bits.
  const bitsAt = (at: number) => (points[at] === 0 ? 0 : (bits[at] as number))
  const slotOf = (at: number) => {
    let hash =
      Math.imul(bitsAt(at), 73856093) ^
      Math.imul(bitsAt(at + 1), 19349663) ^
      Math.imul(bitsAt(at + 2), 83492791)
    hash ^= hash >>> 15
    hash = Math.imul(hash, 0x2c1b3c6d)
    return (hash ^ (hash >>> 13)) & mask
  }
  const grow = () => {
    mask = table.length * 2 - 1
    const larger = new Int32Array(mask + 1).fill(-1)
    for (let id = 0; id < known; id++) {
      let slot = slotOf((first[id] as number) * 3)
      while (larger[slot] !== -1) slot = (slot + 1) & mask
      larger[slot] = id
    }
    table = larger
  }
  for (let i = 0; i < count; i++) {
    if (known * 2 > mask) grow()
    let slot = slotOf(i * 3)
    for (;;) {
      const id = table[slot] as number
      if (id === -1) {
        table[slot] = known
        first.push(i)
        ids[i] = known++
        break
      }
      if (same((first[id] as number) * 3, i * 3)) {
        ids[i] = id
        break
      }
      slot = (slot + 1) & mask
    }
  }
  return ids
}

/** Counts the edges that don't join exactly two triangles. Triangles without area are left out. */
export function seamsOf(mesh: Triangles): Seams {
  const ids = weld(mesh.points)
  const idOf = (corner: number) => ids[pointOf(mesh, corner)] as number
  const triangles = triangleCount(mesh)
  const size = tableSize(triangles * 1.5)
  const mask = size - 1
  const low = new Int32Array(size).fill(-1)
  const high = new Int32Array(size)
  const times = new Uint8Array(size)
  const add = (a: number, b: number) => {
    const from = Math.min(a, b)
    const to = Math.max(a, b)
    let hash = Math.imul(from, 0x9e3779b1) ^ Math.imul(to, 0x85ebca6b)
    hash ^= hash >>> 15
    let slot = hash & mask
    while (low[slot] !== -1 && !(low[slot] === from && high[slot] === to)) slot = (slot + 1) & mask
    low[slot] = from
    high[slot] = to
    times[slot] = Math.min(3, (times[slot] as number) + 1)
  }
  for (let t = 0; t < triangles; t++) {
    const a = idOf(t * 3)
    const b = idOf(t * 3 + 1)
    const c = idOf(t * 3 + 2)
    if (a === b || b === c || c === a) continue
    add(a, b)
    add(b, c)
    add(c, a)
  }
  let open = 0
  let crowded = 0
  for (const n of times) {
    if (n === 1) open++
    else if (n > 2) crowded++
  }
  return { open, crowded }
}
