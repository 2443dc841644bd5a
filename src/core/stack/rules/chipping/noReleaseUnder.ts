import { newestRelease, newestWhole } from '../../state/stack'
import type { Draft, Remedy, Rule } from '../finding'

/** What holds grains where they are put, until the paint is on. Source: handbook 6. */
const WETS = 'water'

/** Wet chipping without a release coat under the top colour; salt without water. Source: handbook 2.6. */
export const noReleaseUnder: Rule = {
  name: 'no-release-under',
  timing: false,
  asksStage: true,
  judge: (context): Draft | null => {
    const { step, stack, index } = context
    const { kind, mask } = context.resolved.row
    if (kind === 'mask' && mask === 'grain' && context.resolved.solvent !== WETS)
      return {
        severity: 'stop',
        because: 'Salt without water does not stay where it is put.',
        on: { mask: 'salt' },
        candidates: (): Remedy[] => [
          {
            kind: 'solvent',
            say: 'Wet the face with water for the salt',
            edit: { replace: { step: index, with: { ...step, solvent: WETS } } },
          },
        ],
      }
    if (kind !== 'open' || newestRelease(stack)) return null
    const top = newestWhole(stack)
    return {
      severity: 'stop',
      because: `No release coat lies under the top colour: scrubbing with water opens nothing${top ? '' : ', and there is nothing to open'}.`,
      on: top ? { film: top.family } : { substrate: stack.substrate },
      candidates: (): Remedy[] => [
        ...(top
          ? [
              {
                kind: 'order' as const,
                say: 'Lay a release coat under the top colour',
                edit: {
                  insert: {
                    before: top.step,
                    steps: [
                      { do: 'release' as const, coats: ['light' as const, 'light' as const] },
                      { wait: '1 h' },
                    ],
                  },
                },
              },
            ]
          : []),
        {
          kind: 'leave-out',
          say: 'Put the chips on top with a sponge instead',
          edit: { replace: { step: index, with: { do: 'chip-sponge' } } },
        },
      ],
    }
  },
}
