import { api, outcome, sentenceAt, type Schemas } from './client'
import { useSession } from './session'

export const MOST_BYTES = 10 * 1024 * 1024

/**
 * Sends a picture to the shop; one that is too large is refused before it is sent.
 *
 * @param as An icon may be an SVG drawing.
 */
export function useUpload(
  as: 'picture' | 'icon' = 'picture',
): (file: File) => Promise<{ picture?: Schemas['Picture']; error?: string }> {
  const session = useSession()

  return async (file) => {
    if (file.size > MOST_BYTES)
      return { error: `${file.name} has ${(file.size / 1024 / 1024).toFixed(1)} MB; up to 10 MB are taken.` }
    const body = new FormData()
    body.append('picture', file)
    const sent = {
      params: { path: { shop: session.slug } },
      body: { picture: file.name },
      bodySerializer: () => body,
    }
    const { data, refusal } = await outcome(
      as === 'icon' ? api.POST('/shops/{shop}/looks/icons', sent) : api.POST('/shops/{shop}/pictures', sent),
    )
    return data
      ? { picture: data }
      : { error: `${file.name}: ${sentenceAt(refusal, 'picture') ?? refusal?.message ?? ''}` }
  }
}
