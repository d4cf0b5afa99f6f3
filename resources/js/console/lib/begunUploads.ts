import { useLocalStorage } from '@vueuse/core'
import type { Ref } from 'vue'

/** An upload that did not come whole yet, and by what its file is known again. */
export interface Begun {
  id: number
  name: string
  bytes: number
  changed: number
}

/** What was begun in this browser: a page that is loaded again has lost the files, and not how far they came. */
export function begunUploads(slug: () => string): {
  all: Ref<Begun[]>
  of: (file: File) => number | undefined
  note: (id: number, file: File) => void
  forget: (id: number) => void
} {
  const all = useLocalStorage<Begun[]>(`kite-uploads ${slug()}`, [])
  return {
    all,
    of: (file) =>
      all.value.find(
        ({ name, bytes, changed }) => name === file.name && bytes === file.size && changed === file.lastModified,
      )?.id,
    note: (id, file) => {
      all.value = [...all.value, { id, name: file.name, bytes: file.size, changed: file.lastModified }]
    },
    forget: (id) => {
      all.value = all.value.filter((begun) => begun.id !== id)
    },
  }
}
