import { ACT_TABLE } from '../knowledge/acts'
import { CAUTIONS } from '../knowledge/cautions'
import { FAMILY_TABLE } from '../knowledge/families'
import { FAULT_TABLE } from '../knowledge/faults'
import { SCHOOL_TABLE } from '../knowledge/schools'
import { STARTERS } from '../knowledge/starters/starters'
import { SUBSTRATE_TABLE } from '../knowledge/substrates'
import { TECHNIQUE_GROUPS } from '../knowledge/techniques/technique'
import { TECHNIQUES } from '../knowledge/techniques/techniques'
import { BUILD_RULES, RULE_NAMES } from '../stack/rules/finding'
import { SHELF_RULES } from '../stock/shelfRules'

/** Rules of the handbook that the plan keeps by moving what breaks them, and how it tells so. */
export const KEPT_BY_PLAN = {
  'no-place-to-dry': 'every place to dry is taken until then',
} as const

/** Every rule that speaks today: of a sequence, of the shelf, of a build. */
export const DECIDED: readonly string[] = [...RULE_NAMES, ...SHELF_RULES, ...BUILD_RULES]

function section(title: string, source: string, rows: readonly string[]): string {
  return `## ${title}\n\n${source}\n\n${rows.map((row) => `- ${row}`).join('\n')}\n`
}

/** What the tables say of materials, acts and rules. */
function materials(): string[] {
  return [
    section(
      'Families',
      'Chapter 2.1, `src/core/knowledge/families.ts`.',
      Object.entries(FAMILY_TABLE).map(([id, row]) => `\`${id}\` ${row.name}`),
    ),
    section(
      'Substrates',
      'Chapter 2.4, `src/core/knowledge/substrates.ts`.',
      Object.entries(SUBSTRATE_TABLE).map(([id, row]) => `\`${id}\` ${row.name}`),
    ),
    section(
      'Acts',
      'The sequence format, `src/core/knowledge/acts.ts`.',
      Object.entries(ACT_TABLE).map(([id, row]) => `\`${id}\` ${row.name}`),
    ),
    section(
      'Rules of a sequence',
      'Chapter 2.6, `src/core/stack/rules/`.',
      RULE_NAMES.map((name) => `\`${name}\``),
    ),
    section(
      'Rules of the shelf and the build',
      'Chapter 2.6, `src/core/stock/shelfRules.ts`, `src/core/builds/leftRight.ts`.',
      [...SHELF_RULES, ...BUILD_RULES].map((name) => `\`${name}\``),
    ),
    section(
      'Rules that the plan keeps',
      'Chapter 7.4; what holds a step where it is, as the plan says it.',
      Object.entries(KEPT_BY_PLAN).map(([name, says]) => `\`${name}\`: ${says}`),
    ),
  ]
}

/** What the tables say of the work. */
function work(): string[] {
  return [
    ...TECHNIQUE_GROUPS.map((group) =>
      section(
        `Techniques: ${group}`,
        'Chapter 6, `src/core/knowledge/techniques/`.',
        TECHNIQUES.filter((technique) => technique.group === group).map(
          (technique) => `\`${technique.id}\` ${technique.name}`,
        ),
      ),
    ),
    section(
      'Schools',
      'Chapter 1, `src/core/knowledge/schools.ts`.',
      Object.entries(SCHOOL_TABLE).map(
        ([id, row]) =>
          `\`${id}\` ${row.question}: ${row.choices.map((choice) => choice.name).join(' · ')}`,
      ),
    ),
    section(
      'Starting sequences',
      'Chapters 1 and 6, `src/core/knowledge/starters/`.',
      STARTERS.map((starter) => `\`${starter.id}\` ${starter.name}: ${starter.about}`),
    ),
    section(
      'Faults',
      'Chapter 8, `src/core/knowledge/faults.ts`.',
      Object.entries(FAULT_TABLE).map(([id, row]) => `\`${id}\` ${row.symptom}`),
    ),
    section(
      'Cautions',
      'Chapter 9, `src/core/knowledge/cautions.ts`.',
      CAUTIONS.map((caution) => `\`${caution.id}\` ${caution.when}`),
    ),
  ]
}

/** The index of what the program knows, as it stands in docs/handbook/index.md. */
export function knowledgeIndex(): string {
  const head =
    '# Index\n\nWhat the tables hold, by name: written by `npm run index`, compared with the tables by a test.\n'
  return [head, ...materials(), ...work()].join('\n')
}
