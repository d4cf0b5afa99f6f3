const form = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' })

/** A day as ISO 8601 writes it, as a person reads it: 5 May 2027. */
export function shownDay(day: string): string {
  return form.format(new Date(`${day}T00:00:00Z`))
}
