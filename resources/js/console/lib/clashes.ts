type Form = Record<string, unknown>

/** The sides that were chosen, by the paths of the fields. */
interface Sides {
  mine: string[][]
  theirs: string[][]
}

/**
 * A form in which both people's changes are joined, with mine where I choose so, and with what I have typed since.
 *
 * @param joined With theirs where both changed a field.
 * @param then As mine stood when it was refused.
 * @param mine As it stands now.
 */
export function chosenForm(joined: object, then: object, mine: object, sides: Sides): object {
  const since = changed(then as Form, mine as Form).filter((path) => !sides.theirs.some((other) => meet(path, other)))
  return [...sides.mine, ...since].reduce((form, path) => put(form, path, at(mine as Form, path)), joined as Form)
}

/** Whether two forms say the same, one of which the server may have written. */
export function areSame(one: object, other: object): boolean {
  return changed(one as Form, other as Form).length === 0
}

/** The paths of what is no longer as it was. */
function changed(was: Form, now: Form): string[][] {
  return [...new Set([...Object.keys(was), ...Object.keys(now)])].flatMap((name) => {
    const [before, after] = [was[name], now[name]]
    // What is named freely is written as a list where nothing is in it.
    if (isForm(after) && (isForm(before) || isEmptyList(before)))
      return changed(isForm(before) ? before : {}, after).map((path) => [name, ...path])
    return JSON.stringify(before) === JSON.stringify(after) ? [] : [[name]]
  })
}

/** Whether one is the other, or lies in it. */
function meet(one: string[], other: string[]): boolean {
  return one.every((name, index) => index >= other.length || name === other[index])
}

function at(form: Form, path: string[]): unknown {
  return path.reduce<unknown>((value, name) => (isForm(value) ? value[name] : undefined), form)
}

function put(form: Form, [name, ...rest]: string[], value: unknown): Form {
  if (name === undefined) return form
  const { [name]: before, ...others } = form
  if (rest.length > 0) return { ...others, [name]: put(isForm(before) ? before : {}, rest, value) }
  // A field that is not there in mine is not there at all.
  return value === undefined ? others : { ...others, [name]: value }
}

function isForm(value: unknown): value is Form {
  return typeof value === 'object' && value !== null && !Array.isArray(value)
}

function isEmptyList(value: unknown): boolean {
  return Array.isArray(value) && value.length === 0
}
