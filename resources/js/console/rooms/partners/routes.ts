import type { RouteRecordRaw } from 'vue-router'

export const routes: RouteRecordRaw[] = [
  {
    path: '/:shop/partners',
    name: 'partners',
    component: () => import('./PartnersView.vue'),
    meta: { title: 'Partners' },
  },
  {
    path: '/:shop/partners/prices',
    name: 'prices',
    component: () => import('./PricesView.vue'),
    meta: { title: 'Prices at partners' },
  },
  {
    path: '/:shop/partners/commission',
    name: 'commission',
    component: () => import('./CommissionView.vue'),
    meta: { title: 'Commission' },
  },
  {
    path: '/:shop/partners/earnings',
    name: 'earnings',
    component: () => import('./EarningsView.vue'),
    meta: { title: 'Earnings' },
  },
  {
    path: '/:shop/partners/reports',
    name: 'reports',
    component: () => import('./ReportsView.vue'),
    meta: { title: 'Reports' },
  },
  {
    path: '/:shop/partners/reports/:id(\\d+)',
    name: 'report',
    component: () => import('./ReportView.vue'),
    props: (route) => ({ id: Number(route.params.id) }),
    meta: { title: 'Report' },
  },
  {
    path: '/:shop/partners/rules',
    name: 'partner-rules',
    component: () => import('./PartnerRulesView.vue'),
    meta: { title: 'Rules for partners' },
  },
]
