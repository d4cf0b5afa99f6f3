import { createRouter, createWebHistory } from 'vue-router'
import { useSession } from './stores/session'

declare module 'vue-router' {
  interface RouteMeta {
    title: string
    isOpen?: boolean
  }
}

export const router = createRouter({
  history: createWebHistory(),
  scrollBehavior: (_to, _from, saved) => saved ?? { top: 0 },
  routes: [
    {
      path: '/sign-in',
      name: 'sign-in',
      component: () => import('./views/SignInView.vue'),
      meta: { title: 'Sign in', isOpen: true },
    },
    { path: '/', name: 'home', component: () => import('./views/NowhereView.vue'), meta: { title: 'Paper Kite' } },
    {
      path: '/:shop/offers',
      name: 'offers',
      component: () => import('./views/OffersView.vue'),
      meta: { title: 'Offers' },
    },
    {
      path: '/:shop/offers/new',
      name: 'new-offer',
      component: () => import('./views/DeskView.vue'),
      meta: { title: 'New offer' },
    },
    {
      path: '/:shop/offers/:id(\\d+)',
      name: 'desk',
      component: () => import('./views/DeskView.vue'),
      props: (route) => ({ id: Number(route.params.id) }),
      meta: { title: 'Offer' },
    },
    {
      path: '/:shop/offers/looks',
      name: 'looks',
      component: () => import('./views/LooksView.vue'),
      meta: { title: 'Looks' },
    },
    {
      path: '/:shop/offers/tables',
      name: 'price-tables',
      component: () => import('./views/PriceTablesView.vue'),
      meta: { title: 'Price tables' },
    },
    {
      path: '/:shop/offers/tables/new',
      name: 'new-price-table',
      component: () => import('./views/PriceTableView.vue'),
      meta: { title: 'New price table' },
    },
    {
      path: '/:shop/offers/tables/:id(\\d+)',
      name: 'price-table',
      component: () => import('./views/PriceTableView.vue'),
      props: (route) => ({ id: Number(route.params.id) }),
      meta: { title: 'Price table' },
    },
    {
      path: '/:shop/offers/copies',
      name: 'copies',
      component: () => import('./views/CopiesView.vue'),
      meta: { title: 'Copies to renew' },
    },
    {
      path: '/:shop/links',
      name: 'open-links',
      component: () => import('./views/OpenLinksView.vue'),
      meta: { title: 'Links written by hand' },
    },
    {
      path: '/:shop/products',
      name: 'products',
      component: () => import('./views/ProductsView.vue'),
      meta: { title: 'Products' },
    },
    {
      path: '/:shop/products/new',
      name: 'new-product',
      component: () => import('./views/ProductView.vue'),
      meta: { title: 'New product' },
    },
    {
      path: '/:shop/products/:id(\\d+)',
      name: 'product',
      component: () => import('./views/ProductView.vue'),
      props: (route) => ({ id: Number(route.params.id) }),
      meta: { title: 'Product' },
    },
    {
      path: '/:shop/orders',
      name: 'orders',
      component: () => import('./views/OrdersView.vue'),
      meta: { title: 'Orders' },
    },
    {
      path: '/:shop/orders/:number(\\d+)',
      name: 'order',
      component: () => import('./views/OrderView.vue'),
      props: (route) => ({ number: Number(route.params.number) }),
      meta: { title: 'Order' },
    },
    { path: '/:shop/shop', name: 'shop', component: () => import('./views/ShopView.vue'), meta: { title: 'Shop' } },
    {
      path: '/:rest(.*)*',
      name: 'nowhere',
      component: () => import('./views/NowhereView.vue'),
      meta: { title: 'Nothing here' },
    },
  ],
})

router.beforeEach(async (to) => {
  const session = useSession()
  if (to.meta.isOpen) return true
  if (!(await session.load())) return { name: 'sign-in', query: to.fullPath === '/' ? {} : { then: to.fullPath } }
  if (to.name === 'home' && session.firstShop) return { name: 'offers', params: { shop: session.firstShop } }
  if (typeof to.params.shop === 'string' && !(await session.enter(to.params.shop)))
    return { name: 'nowhere', params: { rest: ['nowhere'] } }
  return true
})

router.afterEach((to) => {
  document.title = `${to.meta.title} · Paper Kite`
})
