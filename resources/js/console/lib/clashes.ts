type Form = Record<string, unknown>

/**
 * A form in which both people's changes are joined, with mine where I choose so.
 *
 * @param joined With theirs where both changed a field.
 * @param own The paths of the fields of which mine shall stand.
 */
export function chosenForm(joined: object, mine: object, own: string[][]): object {
  return own.reduce((form, path) => put(form, path, at(mine as Form, path)), joined as Form)
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
