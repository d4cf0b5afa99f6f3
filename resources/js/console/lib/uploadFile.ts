import { api, outcome, sentenceAt, type Refusal, type Schemas } from './client'
import { begunUploads } from './begunUploads'
import { useSession } from './session'

type Upload = Schemas['Upload']

/** How far a file has come, in hundredths. */
export interface Coming {
  name: string
  progress: number
}

type Taken = { upload: Upload; error?: never } | { upload?: never; error: string }

/** A part that is refused again and again is told; every other failure has been waited for already. */
const MOST_TRIES = 5

/**
 * Sends a file to the shop part by part, each with where it begins and its checksum. One that broke off, were it a week
 * ago, goes on where it was once the same file is chosen again.
 *
 * @param told How far it has come, at each part.
 */
export function useFileUpload(told: (coming: Coming | null) => void): (file: File) => Promise<Taken> {
  const session = useSession()
  const kept = begunUploads(() => session.slug)

  return async (file) => {
    if (!window.isSecureContext) return { error: 'Files can be uploaded over https only; open the console at https.' }
    told({ name: file.name, progress: 0 })
    const taken = await send(file)
    if (taken.upload) kept.forget(taken.upload.id)
    told(null)
    return taken
  }

  async function send(file: File): Promise<Taken> {
    const first = await begun(file)
    if (first.error !== undefined) return first
    let { upload } = first
    let tries = 0
    while (upload.next_part > 0) {
      told({ name: file.name, progress: Math.floor((upload.received / upload.bytes) * 100) })
      const { data, refusal, status } = await part(upload, file)
      if (data) {
        upload = data
        tries = 0
        continue
      }
      const now = await state(upload.id)
      if (sentenceAt(refusal, 'bytes') !== undefined || status === 404 || ++tries === MOST_TRIES || !now)
        return { error: `${file.name}: ${said(refusal)}` }
      // The part may have arrived, and its answer not.
      upload = now
    }
    return { upload }
  }

  /** The upload that was begun with this file, else a new one. */
  async function begun(file: File): Promise<Taken> {
    const known = kept.of(file)
    const there = known === undefined ? null : await state(known)
    if (there && there.bytes === file.size && there.next_part > 0) return { upload: there }
    const { data, refusal } = await outcome(
      api.POST('/shops/{shop}/uploads', {
        params: { path: { shop: session.slug } },
        body: { name: file.name, bytes: file.size },
      }),
    )
    if (!data) return { error: `${file.name}: ${said(refusal)}` }
    kept.note(data.id, file)
    return { upload: data }
  }

  async function state(id: number): Promise<Upload | null> {
    const { data } = await outcome(
      api.GET('/shops/{shop}/uploads/{upload}', { params: { path: { shop: session.slug, upload: id } } }),
    )
    return data ?? null
  }

  async function part(upload: Upload, file: File): ReturnType<typeof outcome<Upload>> {
    const bytes = await file.slice(upload.received, upload.received + upload.next_part).arrayBuffer()
    const digest = new Uint8Array(await crypto.subtle.digest('SHA-256', bytes))
    return outcome(
      api.PUT('/shops/{shop}/uploads/{upload}', {
        params: {
          path: { shop: session.slug, upload: upload.id },
          header: {
            'Upload-Offset': upload.received,
            'Content-Digest': `sha-256=:${btoa(String.fromCharCode(...digest))}:`,
          },
        },
        headers: { 'Content-Type': 'application/octet-stream' },
        body: '',
        bodySerializer: () => new Blob([bytes]),
      }),
    )
  }
}

function said(refusal: Refusal | undefined): string {
  return Object.values(refusal?.errors ?? {}).flat()[0] ?? refusal?.message ?? ''
}
