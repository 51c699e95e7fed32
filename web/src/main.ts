import './theme/index.css'
import { createPinia } from 'pinia'
import { createApp } from 'vue'
import App from './App.vue'
import { registerFontFaces } from './fonts/fontFaces'
import { router } from './router'

registerFontFaces()
createApp(App).use(createPinia()).use(router).mount('#app')
