import type { Store } from './store'

/** A plan that was made, and what it was made from: a copy that can be thrown away at any time. */
type Kept<P> = { fingerprint: string; plan: P }

/** The row of it. */
export const KEPT_PLAN = 'plan'

/** The plan that was kept last; null: none was. */
export async function keptPlan<P>({ db }: Store): Promise<Kept<P> | null> {
  const row = await db.kept.get(KEPT_PLAN)
  return (row?.value as Kept<P> | undefined) ?? null
}

/** Keeps a plan for the next load of the page. */
export async function keepPlan<P>({ db }: Store, kept: Kept<P>): Promise<void> {
  await db.kept.put({ id: KEPT_PLAN, value: kept })
}
