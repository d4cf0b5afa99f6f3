import { api, outcome, type Refusal, type Schemas } from '../../lib/client'

/** What a new offer begins with: a product, or an example; else whatever can be had. */
export interface Beginning {
  product?: number | undefined
  example?: string | undefined
}

/** A sentence with something in every slot; null where the shop has nothing that it could sell. */
export async function blankEntry(
  shop: string,
  { product, example }: Beginning,
): Promise<{ entry: Schemas['OfferEntry'] | null; refusal: Refusal | null }> {
  const path = { shop }
  if (example) {
    const { data, refusal } = await outcome(api.GET('/shops/{shop}/offers/examples', { params: { path } }))
    return { entry: data?.items.find(({ key }) => key === example)?.entry ?? null, refusal: refusal ?? null }
  }
  const { data, refusal } = await outcome(
    api.GET('/shops/{shop}/offers/blank', { params: { path, query: product ? { product } : {} } }),
  )
  return { entry: data?.entry ?? null, refusal: refusal ?? null }
}
