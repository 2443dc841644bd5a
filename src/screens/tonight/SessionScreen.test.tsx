/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react'
import { stateOf } from '@/core/builds'
import { planParts } from '@/core/builds/planParts'
import type { Project } from '@/core/model/project'
import { planBench } from '@/core/schedule/planBench'
import { SessionScreen } from './SessionScreen'

jest.mock('@/state/writing', () => ({ useRun: () => async () => true }))
let mockNow = Date.parse('2026-03-17T19:05:00Z')
jest.mock('@/state/hooks', () => {
  const parts = () => planParts(mockState, mockNow).map(({ plan }) => plan)
  const plan = () => planBench(mockState, mockNow, { steps: 500 })
  return {
    useStock: () => mockState,
    useProject: () => mockState.project,
    useParts: parts,
    usePlan: () => ({ plan: plan(), planning: false, planFailed: null, moved: null }),
    useBench: () => ({ plan: { dismissMoved: () => {} } }),
  }
})
jest.mock('../shared/now', () => ({ useNow: () => mockNow }))

const project: Project = {
  format: 'tectoria-project',
  version: 1,
  sessions: { zone: 'Europe/Lisbon', pattern: [{ day: 'tue', from: '19:00', to: '22:00' }] },
  builds: [
    {
      id: 'b',
      name: 'Skiff',
      parts: [{ id: 'p', name: 'Hull', substrate: 'polystyrene', areaCm2: 50 }],
      steps: [
        { id: 's', parts: ['p'], do: 'sand' },
        { id: 't', parts: ['p'], do: 'prime', coats: ['light'] },
      ],
    },
  ],
}
let mockState = stateOf(project)

it('a plan that is made anew in a running session leaves the button in hand where it is', () => {
  const { rerender } = render(<SessionScreen />)
  const [done] = screen.getAllByRole('button', { name: /^Done/ })
  const time = () => screen.getAllByRole('time').map((one) => one.textContent)
  const before = time()
  done?.focus()
  mockNow += 7 * 60_000
  rerender(<SessionScreen />)
  expect(time()).not.toEqual(before)
  expect(document.activeElement).toBe(done)
})

it('a coat that another one comes before can’t be done yet', () => {
  const primed = { id: 's', parts: ['p'], do: 'prime' as const, coats: ['light', 'light'] as const }
  const sanded = { id: 't', parts: ['q'], do: 'sand' as const }
  const part = (id: string) => ({ id, name: id, substrate: 'polystyrene' as const, areaCm2: 50 })
  const build = { id: 'b', name: 'Skiff', parts: ['p', 'q'].map(part) }
  const builds = [{ ...build, steps: [{ ...primed, coats: [...primed.coats] }, sanded] }]
  mockState = stateOf({ ...project, builds })
  render(<SessionScreen />)
  const [first, second] = screen.getAllByRole('button', { name: /^Coat/ })
  expect([first, second].map((one) => [one?.textContent, one?.hasAttribute('disabled')])).toEqual([
    [expect.stringContaining('Coat 1 done'), false],
    [expect.stringContaining('Coat 2 done'), true],
  ])
})
