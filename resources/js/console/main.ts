import { createPinia } from 'pinia'
import { createApp } from 'vue'
import App from './App.vue'
import { watchForSignOut } from './lib/useSignedOut'
import { router } from './router'

watchForSignOut()
createApp(App).use(createPinia()).use(router).mount('#console')
