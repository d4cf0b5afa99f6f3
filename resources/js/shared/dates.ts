/** A moment as people read it, in a zone of the IANA's names. */
export function dayAndTime(moment: string, zone: string): string {
  return new Intl.DateTimeFormat('en-GB', {
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    hour: '2-digit',
    minute: '2-digit',
    timeZone: zone,
  }).format(new Date(moment))
}
