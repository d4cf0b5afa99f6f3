const SHORTEST = 12
const LONG = 18

/** What there is to say of a password while it is typed; what is asked of it the server says. */
export function strengthOf(password: string): string {
  const length = [...password].length
  const kinds = new Set(password).size
  if (length === 0) return 'At least 12 characters. Four words that nobody puts together are a good one.'
  if (length < SHORTEST) return `${SHORTEST - length} more ${SHORTEST - length === 1 ? 'character' : 'characters'}.`
  if (kinds < 8) return 'Weak: it repeats itself.'
  return length < LONG ? 'Good.' : 'Strong.'
}
