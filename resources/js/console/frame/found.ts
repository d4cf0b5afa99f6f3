import type { RouteLocationRaw } from 'vue-router'
import type { Schemas } from '../lib/client'

type Thing = Schemas['FoundThing']
type Act = Schemas['Act']

/** The view in which a thing that was found is opened. */
export function whereIs(shop: string, thing: Thing): RouteLocationRaw {
  const places: Record<Thing['kind'], RouteLocationRaw> = {
    product: { name: 'product', params: { shop, id: thing.id } },
    offer: { name: 'desk', params: { shop, id: thing.id } },
    place: { name: 'desk', params: { shop, id: thing.id } },
    order: { name: 'order', params: { shop, number: thing.id } },
    look: { name: 'looks', params: { shop }, query: { look: thing.id } },
    price_table: { name: 'price-table', params: { shop, id: thing.id } },
    shelf: { name: 'shelf', params: { shop, id: thing.id } },
    coupon: { name: 'shop', params: { shop }, query: { coupon: thing.label }, hash: '#coupons' },
  }
  return places[thing.kind]
}

/** The view in which something is done or set; signing out is done in none. */
export function whereIsDone(shop: string, act: Exclude<Act, 'sign_out'>): RouteLocationRaw {
  const view = (name: string): RouteLocationRaw => ({ name, params: { shop } })
  const setting = (id: string): RouteLocationRaw => ({ name: 'shop', params: { shop }, hash: `#${id}` })
  const views: Record<typeof act, RouteLocationRaw> = {
    new_offer: view('new-offer'),
    new_product: view('new-product'),
    new_price_table: view('new-price-table'),
    example: view('examples'),
    offers: view('offers'),
    products: view('products'),
    partners: view('partners'),
    orders: view('orders'),
    shop: view('shop'),
    looks: view('looks'),
    price_tables: view('price-tables'),
    copies: view('copies'),
    open_links: view('open-links'),
    readiness: view('readiness'),
    payee: setting('payee'),
    shipping: setting('shipping'),
    tax: setting('tax'),
    country: setting('country'),
    fee: setting('fee'),
    coupons: setting('coupons'),
    checkout: setting('checkout'),
    shopfront: setting('shopfront'),
    names: setting('names'),
    words: view('words'),
    page_look: view('page-look'),
    deleted: view('deleted'),
    people: view('people'),
    account: { name: 'account' },
  }
  return views[act]
}

/** How things of the console are named where they are opened by their address. */
const KEYS: Record<string, string> = { product: '1', desk: '2', 'price-table': '6', shelf: '9' }

/** The name by which the server knows what a view shows; undefined where it shows no one thing. */
export function keyOfView(name: unknown, id: unknown): string | undefined {
  const kind = typeof name === 'string' ? KEYS[name] : undefined
  return kind && typeof id === 'string' ? `${kind}-${id}` : undefined
}
