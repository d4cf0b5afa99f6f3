/** How much in a form is wrong, in a sentence. */
export function toBePutRight(count: number): string {
  return count === 1 ? 'One thing is still to be put right.' : `${count} things are still to be put right.`
}

/** “1 buyer gets”, “3 buyers get”. */
export function counted(count: number, one: string, several: string): string {
  return `${count} ${count === 1 ? one : several}`
}
