import type { RouteRecordRaw } from 'vue-router'

export const routes: RouteRecordRaw[] = [
  { path: '/:shop/people', name: 'people', component: () => import('./PeopleView.vue'), meta: { title: 'People' } },
]
