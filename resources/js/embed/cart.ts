import { isWeb } from './data'
import { PATIENCE_MS, VERSION, type Cart } from './told'

/** Why a shop does not do what was asked, in words of its own; blank where it did not answer at all. */
export class Refused extends Error {
  constructor(
    message: string,
    /** Whether what is on the page is so no longer. */
    readonly isOutdated = false,
  ) {
    super(message)
  }
}

const NONE: Cart = { v: VERSION, token: '', count: 0, lines: [], go: null, shown: null }

/** The cart of a page at one shop. Its token is kept in the page's own storage, and not before there is a cart. */
class PageCart extends EventTarget {
  private now = NONE
  private token: string | null = null
  private turn: Promise<unknown> = Promise.resolve()

  constructor(private readonly origin: string) {
    super()
  }

  get content(): Cart {
    return this.now
  }

  /** Whether there may be something in it. */
  get isBegun(): boolean {
    return this.kept() !== ''
  }

  /** Asks what is in it; where the page has none, nobody is asked. */
  async read(): Promise<void> {
    if (this.isBegun) await this.send('', new URLSearchParams())
  }

  /** Asks for all that there is to show of it; with changes, what it is after them. */
  show(changes: URLSearchParams | null = null): Promise<Cart> {
    const body = changes ?? new URLSearchParams()
    body.set('shown', '1')
    return this.send(changes ? '/edit' : '', body)
  }

  add(answers: URLSearchParams): Promise<Cart> {
    return this.send('/add', answers)
  }

  /** Where the shopper goes on with it at the shop; null where nothing is in it. */
  async handOver(to: 'cart' | 'pay'): Promise<string | null> {
    return (await this.send('/hand-over', new URLSearchParams({ to }))).go
  }

  /** One after the other: each knows the token that the one before it was given. */
  private send(path: string, body: URLSearchParams): Promise<Cart> {
    const sent = this.turn.then(() => this.sendNow(path, body))
    this.turn = sent.catch(() => undefined)
    return sent
  }

  private async sendNow(path: string, body: URLSearchParams): Promise<Cart> {
    body.set('token', this.kept())
    let told: unknown
    let response: Response
    try {
      response = await fetch(`${this.origin}/embed/cart${path}`, {
        method: 'POST',
        body,
        credentials: 'omit',
        signal: AbortSignal.timeout(PATIENCE_MS),
      })
      told = await response.json()
    } catch {
      throw new Refused('')
    }
    if (!response.ok) throw new Refused(messageOf(told), response.status === 409)
    if (!isCart(told) || (told.go !== null && !isWeb(told.go))) throw new Refused('')
    // What is bought by itself says nothing of a cart that there is not.
    if (told.token !== '' || path !== '/add') this.keep(told)
    return told
  }

  private keep(told: Cart): void {
    this.now = told
    if (told.token !== this.kept()) {
      this.token = told.token
      try {
        if (told.token === '') localStorage.removeItem(this.key)
        else localStorage.setItem(this.key, told.token)
      } catch {
        // A page without storage has its cart until it is left.
      }
    }
    this.dispatchEvent(new Event('change'))
  }

  private kept(): string {
    try {
      return localStorage.getItem(this.key) ?? this.token ?? ''
    } catch {
      return this.token ?? ''
    }
  }

  private get key(): string {
    return `paperkite ${this.origin}`
  }
}

function messageOf(told: unknown): string {
  return typeof told === 'object' && told !== null && 'message' in told && typeof told.message === 'string'
    ? told.message
    : ''
}

function isCart(told: unknown): told is Cart {
  return typeof told === 'object' && told !== null && 'token' in told && 'v' in told && told.v === VERSION
}

const carts = new Map<string, PageCart>()

/** One a shop, however many widgets of it stand on the page. */
export function cartAt(origin: string): PageCart {
  const cart = carts.get(origin) ?? new PageCart(origin)
  carts.set(origin, cart)
  return cart
}
