import type { RouteRecordRaw } from 'vue-router'

export const routes: RouteRecordRaw[] = [
  {
    path: '/:shop/partners',
    name: 'partners',
    component: () => import('./PartnersView.vue'),
    meta: { title: 'Partners' },
  },
]
