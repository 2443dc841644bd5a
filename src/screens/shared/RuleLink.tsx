import Link from 'next/link'

/** What the row of a rule is called in a chapter. */
export function ruleAnchor(rule: string): string {
  return `rule-${rule}`
}

/** Where the handbook tells of a rule: all of them have their row in chapter 2.6. */
export function ruleAddress(rule: string): string {
  return `/handbook/2-materials#${ruleAnchor(rule)}`
}

/** The way from what a rule says to the rule itself; its name is for whoever asks. */
export function RuleLink({ rule }: { rule: string }) {
  return (
    <Link
      href={ruleAddress(rule)}
      title={rule}
      data-rule={rule}
      className="inline-flex min-h-8 items-center text-sm text-act underline"
    >
      In the handbook
    </Link>
  )
}
