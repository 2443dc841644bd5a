/** @jest-environment jsdom */
import { cleanup, renderHook, waitFor } from '@testing-library/react'
import type { PanelDesks } from './panelDesks'
import { type Look, useLook } from './useLook'

afterEach(cleanup)

/** Desks that answer at once, and count what is measured. */
function desks() {
  let measured = 0
  const worker = {
    look: async ({ px }: { px: number }) => ({ px }),
    figures: async ({ at }: { at: number }) => {
      measured += 1
      return { figures: { at } }
    },
    moved: async () => ({}),
  }
  const desk = { ask: (question: (of: typeof worker) => Promise<unknown>) => question(worker) }
  return { desks: { quick: desk, whole: desk } as unknown as PanelDesks, times: () => measured }
}

const LOOK = {
  sequence: { steps: [] },
  panel: { seed: 1 },
  at: 2,
  show: 'lit',
  away: 0,
  lit: true,
  deep: false,
} as unknown as Look

function looked() {
  const { desks: given, times } = desks()
  const seen = renderHook(({ look }) => useLook(given, look), { initialProps: { look: LOOK } })
  return { ...seen, times }
}

it('what is lit up or shown otherwise stays measured', async () => {
  const { result, rerender, times } = looked()
  await waitFor(() => expect(result.current.measured).toBe(true))
  for (const change of [{ lit: false }, { show: 'flat' as const }]) {
    rerender({ look: { ...LOOK, ...change } })
    expect(result.current).toMatchObject({ whole: false, measured: true })
    await waitFor(() => expect(result.current.whole).toBe(true))
  }
  expect(times()).toBe(1)
})

it('what comes to something else is measured anew', async () => {
  const { result, rerender, times } = looked()
  await waitFor(() => expect(result.current.measured).toBe(true))
  rerender({ look: { ...LOOK, at: 1 } })
  expect(result.current).toMatchObject({ measured: false, figures: { figures: { at: 2 } } })
  await waitFor(() => expect(result.current.measured).toBe(true))
  expect(result.current.figures).toEqual({ figures: { at: 1 } })
  expect(times()).toBe(2)
})

it('what was measured last is known where it is come back to before anything else was', async () => {
  const { result, rerender, times } = looked()
  await waitFor(() => expect(result.current.measured).toBe(true))
  rerender({ look: { ...LOOK, at: 1 } })
  rerender({ look: LOOK })
  expect(result.current.measured).toBe(false)
  await waitFor(() => expect(result.current.measured).toBe(true))
  expect(result.current.figures).toEqual({ figures: { at: 2 } })
  expect(times()).toBe(1)
})
