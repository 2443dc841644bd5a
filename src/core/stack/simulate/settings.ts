import { changeClimate, REFERENCE_CLIMATE } from '../../model/climate'
import { isAct } from '../../model/isAct'
import type { Sequence, Step } from '../../model/sequence'
import type { RegionId, Regions } from '../state/regions'
import type { Setting } from '../state/stepContext'
import { NO_TEST_PIECES } from '../state/testPieces'
import { inOrder, judgeAhead, type Ruleset, worstOfEach } from './ruleset'
import type { Drafted, SimulatedStep, SimulateOptions } from './simulation'

/** What each region of a part is told of the sequence. */
export type Settings = ReadonlyMap<RegionId, Setting>

const NOTHING: Setting['newAt'] = new Set()

/** What a sequence says of itself beside its steps. */
export function settingOf(sequence: Sequence, options: SimulateOptions): Setting {
  return {
    substrate: sequence.substrate,
    use: sequence.use ?? 'display',
    school: sequence.school ?? {},
    climate: changeClimate(REFERENCE_CLIMATE, sequence.climate),
    steps: sequence.steps,
    here: sequence.steps,
    sequence,
    shelf: options.shelf ?? [],
    usedPairs: options.usedPairs ?? null,
    testPieces: options.testPieces ?? NO_TEST_PIECES,
    newAt: options.newAt ?? NOTHING,
    areaCm2: options.areaCm2 ?? null,
  }
}

const PAUSE: Step = { wait: '0 min' }

/** The setting of each region: the steps that aren't done there are pauses. */
export function settingsIn(setting: Setting, { ids, of }: Regions): Settings {
  if (ids.length === 1) return new Map([[ids[0], setting]])
  return new Map(
    ids.map((id) => [
      id,
      {
        ...setting,
        here: setting.steps.map((step) => (isAct(step) && !of(step).includes(id) ? PAUSE : step)),
      },
    ]),
  )
}

/** What rules that look ahead say of steps that were done before the first change. */
export function aheadAgain(
  simulated: readonly SimulatedStep[],
  settings: Settings,
  ruleset: Ruleset,
): Drafted[] {
  const again = simulated.flatMap(({ context }) =>
    judgeAhead(context, settings.get(context.region) as Setting, ruleset).map((one) =>
      settings.size === 1 ? one : inRegion(one, context.region),
    ),
  )
  return settings.size === 1 ? again : worstOfEach(inOrder(again, ruleset))
}

/** A draft of a part of several regions, with the one that it was drafted on. */
export function inRegion(drafted: Drafted, region: RegionId): Drafted {
  return { ...drafted, regions: [region] }
}
