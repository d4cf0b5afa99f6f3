import type { RouteRecordRaw } from 'vue-router'

export const routes: RouteRecordRaw[] = [
  {
    path: '/:shop/offers/looks',
    name: 'looks',
    component: () => import('./LooksView.vue'),
    meta: { title: 'Looks' },
  },
  {
    path: '/:shop/shop/look',
    name: 'page-look',
    component: () => import('./PageLookView.vue'),
    meta: { title: 'Look of your pages' },
  },
]
