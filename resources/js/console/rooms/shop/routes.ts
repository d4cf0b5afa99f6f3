import type { RouteRecordRaw } from 'vue-router'

export const routes: RouteRecordRaw[] = [
  { path: '/:shop/shop', name: 'shop', component: () => import('./ShopView.vue'), meta: { title: 'Shop' } },
  {
    path: '/:shop/shop/ready',
    name: 'readiness',
    component: () => import('./ReadinessView.vue'),
    meta: { title: 'Ready to sell?' },
  },
  {
    path: '/:shop/shop/deleted',
    name: 'deleted',
    component: () => import('./DeletedView.vue'),
    meta: { title: 'Deleted things' },
  },
  {
    path: '/:shop/shop/words',
    name: 'words',
    component: () => import('./WordsView.vue'),
    meta: { title: 'Words' },
  },
]
