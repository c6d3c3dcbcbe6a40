import { createPinia } from 'pinia'
import { createApp } from 'vue'
import App from './App.vue'
import { router } from './router'
import { keepShell } from './shared/frame/keptShell'

createApp(App).use(createPinia()).use(router).mount('#app')
keepShell()
