import { isDeepStrictEqual } from 'node:util'

/** Expects the same. Of what is the same, which it nearly always is, it knows in a tenth of the time that the usual question takes. */
export function expectSame(found: unknown, meant: unknown): void {
  if (!isDeepStrictEqual(found, meant)) expect(found).toEqual(meant)
}
