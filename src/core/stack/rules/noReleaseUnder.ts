import type { Draft, Remedy, Rule } from '../finding'
import { newestRelease, newestWhole } from '../stack'

/** Wet chipping without a release coat under the top colour; salt without water. Source: handbook 2.6. */
export const noReleaseUnder: Rule = {
  name: 'no-release-under',
  timing: false,
  judge: (moment): Draft | null => {
    const { step, stack, index } = moment
    if (step.do === 'salt' && moment.work.solvent !== 'water')
      return {
        severity: 'stop',
        because: 'Salt without water does not stay where it is put.',
        on: { mask: 'salt' },
        ways: (): Remedy[] => [
          {
            kind: 'solvent',
            say: 'Wet the face with water for the salt',
            edit: { replace: { step: index, with: { ...step, solvent: 'water' } } },
          },
        ],
      }
    if (step.do !== 'chip-wet' || newestRelease(stack)) return null
    const top = newestWhole(stack)
    return {
      severity: 'stop',
      because: `No release coat lies under the top colour: scrubbing with water opens nothing${top ? '' : ', and there is nothing to open'}.`,
      on: top ? { film: top.family } : { substrate: stack.substrate },
      ways: (): Remedy[] => [
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
