import type { RouteRecordRaw } from 'vue-router'

export const routes: RouteRecordRaw[] = [
  {
    path: '/:shop/offers/looks',
    name: 'looks',
    component: () => import('./LooksView.vue'),
    meta: { title: 'Looks' },
  },
]
