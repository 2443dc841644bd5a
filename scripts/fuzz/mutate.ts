// Wrong files made of right ones: a value changed somewhere in it, or bytes of it.

function one<T>(of: readonly T[], random: () => number): T {
  return of[Math.floor(random() * of.length)] as T
}

/** What nobody meant to write. */
const ODD: readonly unknown[] = [
  ...[null, true, 0, -1, 1e308, -1e308, 5e-324, 1.5, 2 ** 53, 1e21],
  ...['', ' ', '\ud83d', '\u0000', '\u202e', 'x'.repeat(5000), '-0', 'NaN', '1e9', '__proto__'],
  ...['constructor', '2026-02-30T25:61:00Z', '0001-01-01T00:00:00Z', '+275760-09-13', '99999 d'],
  ...['#GGGGGG', '#FFF', 'Mars/Base', '../../x', '<script>', '=1+1', '24 h', '-3 min', 'P1Y'],
  ...[[], [[]], {}, { toString: 1 }, [null], Array.from({ length: 300 }, () => 1)],
]

type Holder = Record<string, unknown> | unknown[]

/** Everything in a value that holds others. */
function holders(value: unknown, found: Holder[] = []): Holder[] {
  if (typeof value !== 'object' || value === null) return found
  found.push(value as Holder)
  for (const inner of Object.values(value)) holders(inner, found)
  return found
}

/** Changes a document in one place, seldom in more: the more, the sooner it is refused for something plain. */
export function mutatedJson(document: unknown, random: () => number): string {
  const root = structuredClone(document)
  for (let times = random() < 0.7 ? 1 : 3; times > 0; times--) {
    const all = holders(root).filter((holder) => Object.keys(holder).length > 0)
    if (all.length === 0) break
    change(one(all, random) as Record<string, unknown>, all, random)
  }
  const text = JSON.stringify(root)
  // A key that only the text can have.
  return random() < 0.03 ? text.replace('{', '{"__proto__":{"a":1},') : text
}

function change(at: Record<string, unknown>, all: Holder[], random: () => number): void {
  const key = one(Object.keys(at), random)
  const was = at[key]
  const way = random()
  if (way < 0.35) at[key] = structuredClone(one(ODD, random))
  else if (way < 0.45) {
    if (Array.isArray(at)) at.splice(Number(key), 1)
    else delete at[key]
  } else if (way < 0.6 && typeof was === 'number')
    at[key] = was * one([-1, 0.001, 1000, 1.0001], random)
  else if (way < 0.7 && typeof was === 'string')
    at[key] = was.slice(0, Math.floor(random() * was.length))
  else if (way < 0.8) {
    const other = one(all, random) as Record<string, unknown>
    // A value of somewhere else: an id named twice, a step where a part should be.
    at[key] = structuredClone(one(Object.values(other), random))
  } else if (way < 0.9 && Array.isArray(at)) at.push(structuredClone(was))
  else if (!Array.isArray(at)) at[one(['id', 'unknown', 'constructor', 'do', 'kind'], random)] = was
}

/** Changes bytes: some turned over, a piece away, a piece twice, an end. */
export function mutatedBytes(bytes: Uint8Array, random: () => number): Uint8Array {
  let made: Uint8Array = Uint8Array.from(bytes)
  for (let times = 1 + Math.floor(random() * 4); times > 0 && made.length > 0; times--) {
    const from = Math.floor(random() * made.length)
    const to = Math.min(made.length, from + 1 + Math.floor(random() * 40))
    const [head, piece, tail] = [made.subarray(0, from), made.subarray(from, to), made.subarray(to)]
    const way = random()
    if (way < 0.4) made[from] = Math.floor(random() * 256)
    else if (way < 0.6) made = joined([head, tail])
    else if (way < 0.8) made = joined([head, piece, piece, tail])
    else if (way < 0.9) made = Uint8Array.from(head)
    else made = joined([head, Uint8Array.of(0xff, 0xfe, 0, 0x22, 0x2c, 0x0a), tail])
  }
  return made
}

function joined(pieces: readonly Uint8Array[]): Uint8Array {
  const made = new Uint8Array(pieces.reduce((sum, { length }) => sum + length, 0))
  let at = 0
  for (const piece of pieces) {
    made.set(piece, at)
    at += piece.length
  }
  return made
}
