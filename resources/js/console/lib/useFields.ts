import type { Ref } from 'vue'

interface Bound<V> {
  modelValue: V
  'onUpdate:modelValue': (now: V) => void
}

/**
 * Binds the fields of a form to their controls: `v-bind="field('price')"`, or `value` for a control that has nothing to
 * say about what is wrong.
 */
export function useFields<E extends object>(
  entry: Readonly<Ref<E | null>>,
  change: (part: Partial<E>) => void,
  errorAt: (path: keyof E & string) => string | undefined = () => undefined,
): {
  value: <K extends keyof E>(name: K) => Bound<E[K]>
  field: <K extends keyof E & string>(name: K) => Bound<E[K]> & { error: string | undefined }
} {
  function value<K extends keyof E>(name: K): Bound<E[K]> {
    if (entry.value === null) throw new Error('A form is bound once it is loaded.')
    return {
      modelValue: entry.value[name],
      'onUpdate:modelValue': (now) => {
        const part: Partial<E> = {}
        part[name] = now
        change(part)
      },
    }
  }

  return { value, field: (name) => ({ ...value(name), error: errorAt(name) }) }
}
