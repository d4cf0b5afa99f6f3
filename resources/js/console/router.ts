import { createRouter, createWebHistory } from 'vue-router'
import { routes as links } from './rooms/links/routes'
import { routes as looks } from './rooms/looks/routes'
import { routes as offers } from './rooms/offers/routes'
import { routes as cards } from './rooms/cards/routes'
import { routes as orders } from './rooms/orders/routes'
import { routes as partners } from './rooms/partners/routes'
import { routes as people } from './rooms/people/routes'
import { routes as products } from './rooms/products/routes'
import { routes as session } from './rooms/session/routes'
import { routes as shop } from './rooms/shop/routes'
import { isOwnAddress } from './lib/ownAddress'
import { useSession } from './lib/session'

declare module 'vue-router' {
  interface RouteMeta {
    title: string
    isOpen?: boolean
  }
}

export const router = createRouter({
  history: createWebHistory(),
  // What leads to a part of a view scrolls there itself.
  scrollBehavior: (to, _from, saved) => saved ?? (to.hash === '' && !isOwnAddress(to) ? { top: 0 } : false),
  routes: [
    { path: '/', name: 'home', component: () => import('./frame/NowhereView.vue'), meta: { title: 'Paper Kite' } },
    ...session,
    ...offers,
    ...looks,
    ...links,
    ...products,
    ...partners,
    ...cards,
    ...orders,
    ...people,
    ...shop,
    {
      path: '/:rest(.*)*',
      name: 'nowhere',
      component: () => import('./frame/NowhereView.vue'),
      meta: { title: 'Nothing here' },
    },
  ],
})

router.beforeEach(async (to) => {
  const session = useSession()
  if (to.meta.isOpen) return true
  if (!(await session.load())) {
    if (await session.isToBeSetUp()) return { name: 'set-up' }
    return { name: 'sign-in', query: to.fullPath === '/' ? {} : { then: to.fullPath } }
  }
  if (to.name === 'home' && !session.firstShop) return { name: 'account' }
  if (to.name === 'home') return { name: 'offers', params: { shop: session.firstShop } }
  // What belongs to the person stands under the bar of a shop, where there is one.
  if (to.name === 'account' && !session.shop && session.firstShop) await session.enter(session.firstShop)
  if (typeof to.params.shop === 'string' && !(await session.enter(to.params.shop)))
    return { name: 'nowhere', params: { rest: ['nowhere'] } }
  return true
})

router.afterEach((to, _from, whyNot) => {
  if (!whyNot) document.title = `${to.meta.title} · Paper Kite`
})
