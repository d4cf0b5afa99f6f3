const format = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  year: 'numeric',
  hour: '2-digit',
  minute: '2-digit',
})

/** A moment as the seller reads it, in the browser's zone. */
export function dayAndTime(moment: string): string {
  return format.format(new Date(moment))
}
