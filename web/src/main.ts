import 'element-plus/dist/index.css'
import './theme.css'
import './forms/controls.css'
import { createPinia } from 'pinia'
import { createApp } from 'vue'
import App from './App.vue'
import { registerFontFaces } from './fonts/fontFaces'
import { router } from './router'

registerFontFaces()
createApp(App).use(createPinia()).use(router).mount('#app')
