import { api, outcome, type Schemas } from '../../lib/client'

type Entry = Schemas['ProductEntry']
type Variant = Entry['variants'][number]

/** All that is typed in the form of a product, with what is shown of it. */
export interface Typed {
  entry: Entry
  pictures: Schemas['Picture'][]
  addOns: Schemas['Product'][]
  files: Schemas['ProductFile'][]
  sample: Schemas['Sample'] | null
}

export function typedOf({ entry, pictures, add_ons, files, sample }: Schemas['ProductForm']): Typed {
  return { entry, pictures, addOns: add_ons, files, sample }
}

/** A form as it was, with what is left of the goods now: they were sold from since. */
export function withStockOf(now: Entry, then: Entry): Entry {
  const { stock, stock_seen = null, tracks_stock } = now
  const variants = then.variants.map((variant) => {
    const same = sameOf(variant, now)
    return { ...variant, stock: same?.stock ?? variant.stock, stock_seen: same?.stock_seen ?? null }
  })
  return { ...then, stock, stock_seen, tracks_stock, variants }
}

/** What was typed on after a form was sent: of a stock that is still the one that was sent, nothing is changed. */
export function seenAsSent(now: Entry, sent: Entry): Entry {
  return {
    ...now,
    stock_seen: numberOf(sent.stock),
    variants: now.variants.map((variant) => ({ ...variant, stock_seen: numberOf(sameOf(variant, sent)?.stock) })),
  }
}

/** The pictures that it had, as far as they are there; with the words that it had for them. */
export function picturesOf(then: Entry, known: Schemas['Picture'][]): Schemas['Picture'][] {
  return then.pictures.flatMap(({ id, alt }) =>
    known.filter((picture) => picture.id === id).map((picture) => ({ ...picture, alt })),
  )
}

export async function sampleOf(shop: string, { sample }: Entry): Promise<Schemas['Sample'] | null> {
  if (sample === null || sample === undefined) return null
  const { data } = await outcome(api.GET('/shops/{shop}/samples/{sample}', { params: { path: { shop, sample } } }))
  return data ?? null
}

export async function addOnsOf(shop: string, { add_ons }: Entry): Promise<Schemas['Product'][]> {
  const query = { ids: add_ons.join(',') }
  const { data } = await outcome(api.GET('/shops/{shop}/products', { params: { path: { shop }, query } }))
  return add_ons.flatMap((id) => (data?.items ?? []).filter((product) => product.id === id))
}

function sameOf({ choices }: Variant, among: Entry): Variant | undefined {
  return among.variants.find((variant) => JSON.stringify(variant.choices) === JSON.stringify(choices))
}

function numberOf(typed: string | undefined): number | null {
  return typed !== undefined && /^\d+$/.test(typed.trim()) ? Number(typed) : null
}
