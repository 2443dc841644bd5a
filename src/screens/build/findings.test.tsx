/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { lastCoat } from '@/core/stack/questions/lastCoat'
import { simulate } from '@/core/stack/simulate/simulate'
import { FindingRow } from './FindingRow'
import { followers } from './followers'
import type { ShownFinding } from './judged'
import { LastCoatFacts } from './LastCoatFacts'

const finding = (more: Partial<ShownFinding> = {}): ShownFinding => ({
  step: 's',
  index: 0,
  rule: 'seal-first',
  subject: null,
  zones: [],
  severity: 'risk',
  because: 'No whole clear lies between.',
  on: {},
  follows: null,
  accepted: null,
  remedies: [],
  ...more,
})

const follower = finding({
  step: 't',
  rule: 'solvent-attacks-film',
  severity: 'stop',
  because: 'Spirit meets the enamel.',
  follows: { step: 's', rule: 'seal-first' },
})

const OFF = { do: 'remove' as const, targets: [{ step: 's' }], on: ['hull'] }

describe('a finding on its boundary', () => {
  const show = (shownFinding: ShownFinding, follow: ShownFinding[] = []) => {
    const heard = { onApply: jest.fn(), onAccept: jest.fn() }
    render(
      <FindingRow
        finding={shownFinding}
        follow={follow}
        part="Hull"
        seen="/panel"
        test="/tests"
        {...heard}
      />,
    )
    return heard
  }

  it('offers its ways out, cheapest first as they came', async () => {
    const remedies = [
      { say: 'Wait 1 h first', kind: 'wait' as const, edit: OFF, every: null },
      { say: 'Shield it', kind: 'shield' as const, edit: OFF, every: null },
    ]
    const { onApply } = show(finding({ remedies }))
    const buttons = screen.getAllByRole('button').map((element) => element.textContent)
    expect(buttons).toEqual(['Wait 1 h first', 'Shield it', 'Accept anyway'])
    await userEvent.click(screen.getByRole('button', { name: 'Shield it' }))
    expect(onApply).toHaveBeenCalledWith(remedies[1], 'part')
  })

  it('says why where it has no way out', () => {
    show(finding())
    expect(screen.getByText(/Every fix would touch work that is already done/)).toBeTruthy()
  })

  it('folds what follows from it', () => {
    show(finding(), [follower])
    expect(screen.getByText('One thing follows from it')).toBeTruthy()
    expect(screen.getByText(/Spirit meets the enamel/)).toBeTruthy()
  })

  it('is taken as it is only with a reason', async () => {
    const { onAccept } = show(finding())
    await userEvent.click(screen.getByRole('button', { name: 'Accept anyway' }))
    await userEvent.keyboard('{Enter}')
    expect(onAccept).not.toHaveBeenCalled()
    expect(screen.getByText(/Enter a reason/)).toBeTruthy()
    await userEvent.keyboard('Old trick{Enter}')
    expect(onAccept).toHaveBeenCalledWith('Old trick')
  })

  it('taken as it is, can be judged again', async () => {
    const { onAccept } = show(finding({ accepted: 'Old trick' }))
    await userEvent.click(screen.getByRole('button', { name: 'Check it again' }))
    expect(onAccept).toHaveBeenCalledWith(null)
  })
})

it('followers are those that name this finding, at this step', () => {
  const other = finding({ step: 'u' })
  expect(followers([finding(), follower, other], finding())).toEqual([follower])
  expect(followers([finding(), follower, other], other)).toEqual([])
})

describe('what a clear does', () => {
  const coat = (steps: object[]) => {
    const sequence = {
      format: 'tectoria-sequence' as const,
      version: 1 as const,
      substrate: 'polystyrene' as const,
      steps: steps as never[],
    }
    const end = simulate(sequence).simulated.at(-1)
    const found = end && lastCoat(end)
    if (!found) throw new Error('no clear')
    render(<LastCoatFacts coat={found} />)
  }

  it('is told for every effect, lost ones with what to do', () => {
    coat([
      { do: 'prime' },
      { do: 'graphite' },
      { do: 'clear', family: 'acrylic-pu', sheen: 'matt' },
    ])
    expect(screen.getByRole('heading', { name: 'What this matt clear does' })).toBeTruthy()
    expect(
      screen.getAllByRole('listitem').map((element) => element.textContent?.slice(0, 12)),
    ).toEqual(['LostGraphite', 'SealedLacque'])
    expect(screen.getByText(/Better laid after it/)).toBeTruthy()
  })

  it('on a bare part has nothing to tell', () => {
    coat([{ do: 'clear', family: 'acrylic-pu', sheen: 'gloss' }])
    expect(screen.getByText('Nothing lies under it.')).toBeTruthy()
  })
})
