/** How many things a list has in a state; `null`: more than are counted. */
interface Counted {
  state: string
  label: string
  count: number | null
}

/**
 * What a list can be narrowed to, each with how many there are.
 *
 * @param isInAll Whether what is in a state is one of all: some states are others at the same time.
 */
export function countedStates<C extends Counted>(
  counts: C[],
  isInAll: (counted: C) => boolean,
): { value: string; label: string }[] {
  const all = counts.filter(isInAll)
  const sum = all.some(({ count }) => count === null) ? null : all.reduce((so, { count }) => so + (count ?? 0), 0)
  return [
    { value: '', label: labelOf('All', sum) },
    ...counts.map(({ state, label, count }) => ({ value: state, label: labelOf(label, count) })),
  ]
}

function labelOf(label: string, count: number | null): string {
  return count === null ? label : `${label} ${count}`
}
