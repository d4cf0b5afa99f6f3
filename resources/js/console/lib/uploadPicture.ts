import { ref, type Ref } from 'vue'
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

/**
 * For a field of files of its own: sends what is chosen there.
 *
 * @param take Is told what was sent, once it is there.
 */
export function useUploadField(
  take: (picture: Schemas['Picture']) => void,
  as: 'picture' | 'icon' = 'picture',
): { refused: Ref<string>; isComing: Ref<boolean>; upload: (event: Event) => Promise<void> } {
  const send = useUpload(as)
  const refused = ref('')
  const isComing = ref(false)

  async function upload(event: Event): Promise<void> {
    const file = event.target instanceof HTMLInputElement ? event.target.files?.[0] : undefined
    if (!file) return
    isComing.value = true
    const { picture, error } = await send(file)
    isComing.value = false
    refused.value = error ?? ''
    if (picture) take(picture)
  }

  return { refused, isComing, upload }
}
