/** How much in a form is wrong, in a sentence. */
export function toBePutRight(count: number): string {
  return count === 1 ? 'One thing is still to be put right.' : `${count} things are still to be put right.`
}
