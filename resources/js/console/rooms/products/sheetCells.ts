import type { Ref } from 'vue'

/**
 * A sheet of text fields, worked as spreadsheets are: arrow keys go from cell to cell, and what was copied as lines with
 * tabs between them fills the cells from the one where it is pasted.
 *
 * @param root What holds the cells, each marked `data-cell="row-column"`.
 * @param fill Is given the cells that are pasted, by row and column from the first.
 */
export function useSheetCells(
  root: Readonly<Ref<HTMLElement | null>>,
  fill: (cells: { row: number; column: number; text: string }[]) => void,
): {
  steer: (event: KeyboardEvent, row: number, column: number) => void
  paste: (event: ClipboardEvent, row: number, column: number) => void
} {
  function steer(event: KeyboardEvent, row: number, column: number): void {
    const input = event.target
    if (!(input instanceof HTMLInputElement) || event.altKey || event.ctrlKey || event.metaKey) return
    const [down, right] = step(event.key, input)
    if (down === 0 && right === 0) return
    event.preventDefault()
    root.value?.querySelector<HTMLInputElement>(`[data-cell="${row + down}-${column + right}"]`)?.focus()
  }

  function paste(event: ClipboardEvent, row: number, column: number): void {
    const text = event.clipboardData?.getData('text/plain') ?? ''
    if (!/[\t\n]/.test(text)) return
    event.preventDefault()
    const lines = text.replace(/\r?\n$/, '').split(/\r?\n/)
    fill(
      lines.flatMap((line, down) =>
        line.split('\t').map((cell, right) => ({ row: row + down, column: column + right, text: cell.trim() })),
      ),
    )
  }

  return { steer, paste }
}

/** To the side only from the end of what is typed there. */
function step(key: string, input: HTMLInputElement): [down: number, right: number] {
  if (key === 'ArrowDown' || key === 'Enter') return [1, 0]
  if (key === 'ArrowUp') return [-1, 0]
  if (key === 'ArrowRight' && input.selectionStart === input.value.length) return [0, 1]
  if (key === 'ArrowLeft' && input.selectionStart === 0 && input.selectionEnd === 0) return [0, -1]
  return [0, 0]
}
