/** What stands in the field that an event is about. */
export function typed(event: Event): string {
  return event.target instanceof HTMLInputElement ? event.target.value : ''
}
