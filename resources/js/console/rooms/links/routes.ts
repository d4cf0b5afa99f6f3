import type { RouteRecordRaw } from 'vue-router'

export const routes: RouteRecordRaw[] = [
  {
    path: '/:shop/links',
    name: 'open-links',
    component: () => import('./OpenLinksView.vue'),
    meta: { title: 'Write a link yourself' },
  },
]
