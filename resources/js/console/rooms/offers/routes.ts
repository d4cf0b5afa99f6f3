import type { RouteRecordRaw } from 'vue-router'

export const routes: RouteRecordRaw[] = [
  {
    path: '/:shop/offers',
    name: 'offers',
    component: () => import('./OffersView.vue'),
    meta: { title: 'Offers' },
  },
  {
    path: '/:shop/offers/new',
    name: 'new-offer',
    component: () => import('./DeskView.vue'),
    props: (route) => ({
      product: Number(route.query.product) || undefined,
      example: typeof route.query.example === 'string' ? route.query.example : undefined,
    }),
    meta: { title: 'New offer' },
  },
  {
    path: '/:shop/offers/examples',
    name: 'examples',
    component: () => import('./ExamplesView.vue'),
    meta: { title: 'Start from an example' },
  },
  {
    path: '/:shop/offers/:id(\\d+)',
    name: 'desk',
    component: () => import('./DeskView.vue'),
    props: (route) => ({ id: Number(route.params.id) }),
    meta: { title: 'Offer' },
  },
  {
    path: '/:shop/offers/tables',
    name: 'price-tables',
    component: () => import('./PriceTablesView.vue'),
    meta: { title: 'Price tables' },
  },
  {
    path: '/:shop/offers/tables/new',
    name: 'new-price-table',
    component: () => import('./PriceTableView.vue'),
    props: (to) => ({ from: Number(to.query.from) || undefined }),
    meta: { title: 'New price table' },
  },
  {
    path: '/:shop/offers/tables/:id(\\d+)',
    name: 'price-table',
    component: () => import('./PriceTableView.vue'),
    props: (route) => ({ id: Number(route.params.id) }),
    meta: { title: 'Price table' },
  },
  {
    path: '/:shop/offers/shelves',
    name: 'shelves',
    component: () => import('./ShelvesView.vue'),
    meta: { title: 'Shelves' },
  },
  {
    path: '/:shop/offers/shelves/new',
    name: 'new-shelf',
    component: () => import('./ShelfView.vue'),
    props: (to) => ({ from: Number(to.query.from) || undefined }),
    meta: { title: 'New shelf' },
  },
  {
    path: '/:shop/offers/shelves/:id(\\d+)',
    name: 'shelf',
    component: () => import('./ShelfView.vue'),
    props: (route) => ({ id: Number(route.params.id) }),
    meta: { title: 'Shelf' },
  },
  {
    path: '/:shop/offers/copies',
    name: 'copies',
    component: () => import('./CopiesView.vue'),
    meta: { title: 'Outdated copies' },
  },
]
